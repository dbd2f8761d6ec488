/**
 * How far this device has counted its acts on a job, kept beside its database: where a browser clears
 * that one, counting does not begin again at 1 and what was lost with it shows as a gap.
 */
export function countFloor(name: string, jobId: string): number {
  try {
    return Number(localStorage.getItem(keyOf(name, jobId)) ?? 0) || 0;
  } catch {
    return 0;
  }
}

export function raiseCountFloor(name: string, jobId: string, count: number): void {
  try {
    localStorage.setItem(keyOf(name, jobId), String(count));
  } catch {
    // No room here either: the server's log tells how far it has counted.
  }
}

function keyOf(name: string, jobId: string): string {
  return `${name}.count.${jobId}`;
}
