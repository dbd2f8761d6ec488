import { ACCEPTED, refused, type Verdict } from '../verdict';
import type { ActOf } from '../act';
import type { DecideContext } from '../decideContext';
import { isSamePart, marksOf } from './mark';
import { oldBoltsOf } from './strip';

/** A mark says what is right for its part on this engine: a wrong one is worse than none. */
export function decideMarkMade({ data }: ActOf<'mark.made'>, { sheet }: DecideContext): Verdict {
  const mark = marksOf(sheet).find(({ id }) => id === data.mark);
  if (!mark || mark.code !== data.code || !isSamePart(mark, data)) return refused('unknown-mark');
  return ACCEPTED;
}

/** Old bolts are counted until none is missing: one left in a hole is found by the next head. */
export function decideBoltsCounted(
  { data }: ActOf<'bolts.counted'>,
  { sheet }: DecideContext,
): Verdict {
  const bolts = oldBoltsOf(sheet).find(({ key }) => key === `${data.set}/${data.group}`);
  if (!bolts) return refused('unknown-bolts');
  if (data.count !== bolts.count) {
    return refused('not-all-bolts', { count: data.count, of: bolts.count });
  }
  const limited = typeof bolts.group.uses === 'object';
  return limited && data.uses === undefined ? refused('uses-needed') : ACCEPTED;
}
