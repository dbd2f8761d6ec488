import type { StageView } from './views';

/**
 * When a wait that is in hand is over: so many minutes after the last thing done before it. It follows
 * from the log, so that neither a reload nor a dead battery begins it anew.
 * @returns ISO time; null when nothing is waited for, or no time is printed
 */
export function waitUntil(stages: readonly StageView[], current: StageView | null): string | null {
  if (current?.stage.kind !== 'wait') return null;
  const minutes = current.bolts[0]?.act.minutes;
  const before = stages.slice(0, stages.indexOf(current)).flatMap(({ lastAt }) => lastAt ?? []);
  if (minutes === undefined || before.length === 0) return null;
  const last = Math.max(...before.map((at) => Date.parse(at)));
  return new Date(last + minutes * 60_000).toISOString();
}
