import type { ComponentProps } from 'react';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { WordsSlip } from '../job/WordsSlip';

/** Something looked at is not good: what it is, in words. */
export function NotGoodSlip(
  props: Pick<ComponentProps<typeof WordsSlip>, 'title' | 'onWords' | 'onClose'>,
) {
  return (
    <WordsSlip {...props} label={w.whatIsIt} need={w.needWhat} confirm={w.notGood} kind="stop" />
  );
}
