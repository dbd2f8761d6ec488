import { drawDown } from '@cardinex/core/assembly/drawDown';
import { orderPropose, type OrderPattern } from '@cardinex/core/tightening/orderPropose';
import { drawDownSentence } from '@cardinex/words/assembly';
import { clampBench as w } from '@cardinex/words/clampBench';
import { OneOf } from '../OneOf';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';
import { DECK_FIELDS, deckOf } from './deckOf';
import { OrderedDeck } from './OrderedDeck';

const FIELDS: readonly FigureField[] = [
  ...DECK_FIELDS,
  { key: 'pitchMm', label: w.pitch, kind: 'mm' },
  { key: 'downMm', label: w.standsOff, kind: 'mm' },
  { key: 'stepMm', label: w.stepAtMost, kind: 'mm' },
];

/** A shaft or carrier drawn down against its springs, evenly, in the order it is pulled. */
export const drawDownBench: CalculatorBench = {
  fields: FIELDS,
  starting: {
    rows: '1',
    columns: '5',
    alongMm: '120',
    acrossMm: '60',
    pitchMm: '1.25',
    downMm: '6',
    stepMm: '0.8',
    pattern: 'spiral',
  },
  answer: inSentence(({ figures }, _units, { pattern = 'spiral' }) => {
    const { pitchMm = 0, downMm = 0, stepMm = 0 } = figures;
    const { map, fasteners } = deckOf(figures);
    const order = orderPropose({ fasteners, pattern: pattern as OrderPattern });
    const found = drawDown({ fasteners, order, pitchMm, downMm, stepMm });
    return {
      sentence: drawDownSentence(found),
      good: true,
      drawing: <OrderedDeck map={map} fasteners={fasteners} order={order} />,
    };
  }),
  below: (values, set) => (
    <OneOf name="pattern" label={w.pattern} labels={w.patterns} values={values} set={set} />
  ),
};
