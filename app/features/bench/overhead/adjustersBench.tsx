import { standOut } from '@cardinex/core/overhead/standOut';
import { standOutSentence } from '@cardinex/words/overhead';
import { overheadBench as w } from '@cardinex/words/overheadBench';
import { AdjustersDrawing } from '../../valves/adjusters/AdjustersDrawing';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'items', label: w.standing, kind: 'mms', hint: w.standingHint },
  { key: 'limitMm', label: w.limit, kind: 'mm', optional: true },
];

/** Which adjuster stands out of line: its push rod may ride the edge of its pocket. */
export const adjustersBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence(({ figures: { limitMm }, lists: { items = [] } }, units) => {
    const found = standOut({
      items: items.map((mm, at) => ({ id: String(at + 1), mm })),
      ...(limitMm !== undefined && { limitMm }),
    });
    return {
      sentence: standOutSentence(found, units),
      good: found.kinds.every(({ code }) => code === 'alike'),
      drawing: <AdjustersDrawing items={found.items} />,
    };
  }),
};
