import { orderPropose, type OrderPattern } from '@cardinex/core/tightening/orderPropose';
import { orderSentence } from '@cardinex/words/clamp';
import { clampBench as w } from '@cardinex/words/clampBench';
import { OneOf } from '../OneOf';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import { DECK_FIELDS, DECK_STARTING, deckOf } from './deckOf';
import { OrderedDeck } from './OrderedDeck';

/** An order from the middle out, numbered as it is pulled. */
export const orderBench: CalculatorBench = {
  fields: DECK_FIELDS,
  starting: { ...DECK_STARTING, pattern: 'spiral' },
  answer: inSentence(({ figures }, _units, { pattern = 'spiral' }) => {
    const { map, fasteners } = deckOf(figures);
    const chosen = pattern as OrderPattern;
    const order = orderPropose({ fasteners, pattern: chosen });
    return {
      sentence: orderSentence(chosen),
      good: true,
      drawing: <OrderedDeck map={map} fasteners={fasteners} order={order} />,
    };
  }),
  below: (values, set) => (
    <OneOf name="pattern" label={w.pattern} labels={w.patterns} values={values} set={set} />
  ),
};
