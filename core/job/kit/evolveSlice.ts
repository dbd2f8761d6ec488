import type { ActType, LoggedAct } from '../act';
import type { JobSlices } from '../state';
import type { Slice } from './slice';

/** The part of a slice by which it moves on. */
export type Moving<Name extends keyof JobSlices> = Pick<Slice<Name, never>, 'name' | 'evolve'>;

/** A slice after one more act: the same object where the act does not move it. */
export function evolveSlice<Name extends keyof JobSlices>(
  { evolve }: Moving<Name>,
  before: JobSlices[Name],
  act: LoggedAct,
): JobSlices[Name] {
  // Which act goes with which move is lost once the act may be any: `Slice` holds it, act by act.
  type Move = (slice: JobSlices[Name], act: LoggedAct) => JobSlices[Name];
  const moves = evolve as Readonly<Partial<Record<ActType, Move>>>;
  const move = moves[act.type];
  return move ? move(before, act) : before;
}
