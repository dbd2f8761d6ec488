import { orderPropose, type OrderPattern } from '@cardinex/core/tightening/orderPropose';
import type { SheetFastener, SetMap } from '@cardinex/core/sheet/spec/fastening';
import { orderSentence } from '@cardinex/words/clamp';
import { clampBench as w } from '@cardinex/words/clampBench';
import { HeadMap } from '../../tighten/HeadMap';
import { OneOf } from '../OneOf';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import { DECK_FIELDS, DECK_STARTING, deckOf, typedSet } from './deckOf';

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
      drawing: <Ordered map={map} fasteners={fasteners} order={order} />,
    };
  }),
  below: (values, set) => (
    <OneOf name="pattern" label={w.pattern} labels={w.patterns} values={values} set={set} />
  ),
};

interface OrderedProps {
  readonly map: Pick<SetMap, 'widthMm' | 'heightMm'>;
  readonly fasteners: readonly SheetFastener[];
  readonly order: readonly string[];
}

/** Every fastener with its place in the order. */
function Ordered({ map, fasteners, order }: OrderedProps) {
  const numbered = fasteners.map((fastener) => ({
    ...fastener,
    number: String(order.indexOf(fastener.id) + 1),
  }));
  const text = order
    .map((id) => fasteners.find((entry) => entry.id === id)?.number ?? id)
    .join(', ');
  return (
    <HeadMap
      set={typedSet({ map, fasteners: numbered })}
      bolts={[]}
      currentId={order[0] ?? null}
      nextId={order[1] ?? null}
      label={w.orderMap(text)}
    />
  );
}
