import type { Prepared, Puller, RunState } from '../facts/runs';
import type { Side } from '../facts/run';
import type { TightenAct } from '../../tightening/tightenPlan';
import type { RunView } from './views';

/** Do two people pull at this: at both ends of one fastener, or a side each? */
export function isByTwo({ stages }: Pick<RunView, 'stages'>): boolean {
  return stages.some(({ bolts }) => bolts.some(({ act }) => isShared(act)));
}

/** Is this pulled from both ends at once, or from one side while another pulls the rest? */
export function isShared({ together, from }: Pick<TightenAct, 'together' | 'from'>): boolean {
  return together === true || from !== undefined;
}

/** Is any wrench, or jack, ready for a run? */
export function isPrepared({ prepared }: Pick<RunState, 'prepared'>): boolean {
  return Object.keys(prepared).length > 0;
}

/**
 * What is in the hand of whoever pulls from one side: their own wrench, else the one that was made ready for both.
 * @param side undefined where nobody shares the work: then any wrench that was made ready
 */
export function preparedFor(
  { prepared }: Pick<RunState, 'prepared'>,
  side: Side | undefined,
): Prepared | null {
  if (side !== undefined) return prepared[side] ?? prepared.both ?? null;
  return prepared.both ?? prepared.near ?? prepared.far ?? null;
}

/** The wrench a pull was made with, of those that may pull at that side; by its id where several may. */
export function preparedWith(
  { prepared }: Pick<RunState, 'prepared'>,
  side: Side | undefined,
  wrench: string | undefined,
): Prepared | null {
  const all = [prepared.both, prepared.near, prepared.far].flatMap((entry) => entry ?? []);
  const known = side === undefined && all.find((entry) => entry.wrench?.id === wrench);
  return known || preparedFor({ prepared }, side);
}

/** Everything ready for a run after one more was made ready: who pulls both ends needs no other wrench. */
export function madeReady(
  before: RunState['prepared'],
  side: Side | undefined,
  prepared: Prepared,
): RunState['prepared'] {
  if (side === undefined) return { both: prepared };
  const { both, ...own } = { ...before, [side]: prepared };
  return both && !(own.near && own.far) ? { ...own, both } : own;
}

/** Wrenches of a run that were not let back since its last pull. */
export function toLetBack({ prepared, letBack }: RunState): readonly Puller[] {
  return (['both', 'near', 'far'] as const).filter(
    (puller) => prepared[puller]?.wrench && !letBack[puller],
  );
}
