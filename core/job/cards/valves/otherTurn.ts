import { rockingAt } from '../../../overhead/barringInput';
import { cycleDegrees, wrap } from '../../../overhead/cycle';
import type { OverheadView } from './view';

/** Where the crank stands when it is one turn out at the next position, and who rocks there. */
interface OtherTurn {
  readonly atDeg: number;
  readonly rocking: readonly number[];
}

/**
 * The same place of the crank a turn apart: nothing on the crank tells the two from each other, only who
 * rocks.
 * @returns null for a two-stroke, and where nobody rocks a turn apart
 */
export function otherTurn({ overhead, next }: OverheadView): OtherTurn | null {
  if (overhead.strokes === 2 || !next) return null;
  const atDeg = wrap(next.atDeg + 360, cycleDegrees(overhead.strokes));
  const rocking = rockingAt(overhead, atDeg);
  return rocking.length === 0 ? null : { atDeg, rocking };
}
