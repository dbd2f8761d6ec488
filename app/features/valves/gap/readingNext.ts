import type { GapReading } from '@cardinex/core/job/facts/valves';
import type { ItemView } from '@cardinex/core/job/cards/valves/item';

interface Asked {
  /** Which reading counts as done. */
  readonly counted?: 'locked' | 'set';
  /** Is every gap being felt once more? */
  readonly again?: boolean;
  /** Is each read as it was found first? */
  readonly found?: boolean;
}

/**
 * Which of a valve's readings comes next, by what is asked at all. Found within limits is left alone and felt locked; one
 * set out of limits is set again; one that moved on locking goes back to setting. Where nothing
 * locks, as found is followed by as set. After two turns what was locked is felt once more.
 */
export function readingNext(
  { verdict, readings }: Pick<ItemView, 'verdict' | 'readings'>,
  phase: 'cold' | 'hot',
  { counted = 'locked', again = false, found = true }: Asked = {},
): GapReading {
  if (phase === 'hot') return 'hot';
  if (found && !readings.found) return 'found';
  if (counted === 'set') return 'set';
  if (verdict.again !== undefined && verdict.again !== 'within') return 'set';
  if (again && verdict.locked === 'within') return 'again';
  if (verdict.locked !== undefined) return verdict.locked === 'within' ? 'locked' : 'set';
  if (readings.set) return verdict.set === 'within' ? 'locked' : 'set';
  return verdict.found === 'within' ? 'locked' : 'set';
}
