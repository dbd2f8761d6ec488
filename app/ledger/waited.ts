/** Acts made by this page, by a clock that cannot be set; what an earlier page made is not known. */
const madeAt = new Map<string, number>();

export function noteMade(actId: string): void {
  madeAt.set(actId, performance.now());
}

/** For how many milliseconds an act has waited on this device; null where that is not known. */
export function waitedMs(actId: string): number | null {
  const at = madeAt.get(actId);
  return at === undefined ? null : Math.round(performance.now() - at);
}

/** It has gone out. */
export function forgetMade(actId: string): void {
  madeAt.delete(actId);
}
