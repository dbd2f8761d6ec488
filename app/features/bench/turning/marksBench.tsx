import { marksReturn } from '@cardinex/core/crank/marksReturn';
import { turningBench as w } from '@cardinex/words/overheadBench';
import { marksReturnSentence } from '@cardinex/words/timing';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'crankTeeth', label: w.crankTeeth, kind: 'number' },
  { key: 'wheels', label: w.otherTeeth, kind: 'numbers', hint: w.otherTeethHint },
  { key: 'links', label: w.links, kind: 'number', optional: true },
];

/** After how many turns of the crank the marks of a timing drive stand again. */
export const marksBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence(({ figures: { crankTeeth = 0, links }, lists: { wheels = [] } }) => {
    const known = [...new Set(wheels)].map((teeth) => ({ id: w.wheelOf(teeth), teeth }));
    const found = marksReturn({
      crankTeeth,
      wheels: known,
      ...(links !== undefined && { links }),
      marks: [
        ...known.map(({ id }) => ({ id, wheels: [id] })),
        ...(links === undefined ? [] : [{ id: w.markedLink, wheels: [], onLink: true }]),
      ],
    });
    return { sentence: marksReturnSentence(found), good: found.allTurns <= 2 };
  }),
};
