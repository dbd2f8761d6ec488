import { holdsOnTurning } from '@cardinex/core/job/mayTurn';
import type { CrankHold, Move } from '@cardinex/core/job/facts/crank';
import { useJob } from '../job/JobProvider';

/**
 * Everything for which the crank must not be turned now; null where it may, and where this asks for no turn.
 */
export function useHolds(turns: boolean, move: Move = 'any'): readonly CrankHold[] | null {
  const { sheet, state } = useJob();
  const holds = turns ? holdsOnTurning(sheet, state, move) : [];
  return holds.length > 0 ? holds : null;
}
