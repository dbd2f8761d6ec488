import { ACCEPTED, refused, type Verdict } from '../../verdict';
import type { ActOf } from '../../act';
import type { DecideContext } from '../../decideContext';
import { isSamePart, marksOf } from './view';

/** A mark says what is right for its part on this engine: a wrong one is worse than none. */
export function decideMarkMade({ data }: ActOf<'mark.made'>, { sheet }: DecideContext): Verdict {
  const mark = marksOf(sheet).find(({ id }) => id === data.mark);
  if (!mark || mark.code !== data.code || !isSamePart(mark, data)) return refused('unknown-mark');
  return ACCEPTED;
}
