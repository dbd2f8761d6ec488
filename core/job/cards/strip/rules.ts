import type { ActOf } from '../../act';
import type { DecideContext } from '../../decideContext';
import { ACCEPTED, refused, type Verdict } from '../../verdict';
import { oldBoltsOf } from './view';

/** Old bolts are counted until none is missing: one left in a hole is found by the next head. */
export function decideBoltsCounted(
  { data }: ActOf<'bolts.counted'>,
  { sheet }: DecideContext,
): Verdict {
  const bolts = oldBoltsOf(sheet).find(({ key }) => key === `${data.set}/${data.group}`);
  if (!bolts) return refused('unknown-bolts');
  if (data.count !== bolts.count) {
    return refused('not-all-bolts', { count: data.count, total: bolts.count });
  }
  const limited = typeof bolts.group.uses === 'object';
  return limited && data.uses === undefined ? refused('uses-needed') : ACCEPTED;
}
