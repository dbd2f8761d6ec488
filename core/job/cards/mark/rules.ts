import { ACCEPTED, refused, type Verdict } from '../../verdict';
import type { ActData, ActOf } from '../../act';
import { RACKED } from '../../facts/marks';
import type { DecideContext } from '../../decideContext';
import { isSamePart, marksOf } from './view';

/** A mark says what is right for its part on this engine: a wrong one is worse than none. */
export function decideMarkMade(
  data: ActData['mark.made'],
  { sheet }: Pick<DecideContext, 'sheet'>,
): Verdict {
  const mark = marksOf(sheet).find(({ id }) => id === data.mark);
  if (!mark || mark.code !== data.code || !isSamePart(mark, data)) return refused('unknown-mark');
  return ACCEPTED;
}

/** Each of them what is right for its part, and of a kind that is told apart by its place in a rack. */
export function decideMarksRacked(
  { data }: ActOf<'marks.racked'>,
  context: Pick<DecideContext, 'sheet'>,
): Verdict {
  if (data.marks.some(({ kind }) => !RACKED.includes(kind))) return refused('unknown-mark');
  const wrong = data.marks.map((mark) => decideMarkMade(mark, context)).find(({ ok }) => !ok);
  return wrong ?? ACCEPTED;
}
