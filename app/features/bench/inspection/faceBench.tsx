import { faceFlatness } from '@cardinex/core/block/faceFlatness';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { faceGapsDrawing } from '@cardinex/drawings/checks/faceGaps';
import { inspectionBench as w } from '@cardinex/words/bench';
import { faceSentence } from '@cardinex/words/inspection';
import { lengthFigure } from '@cardinex/words/quantity';
import { DrawingView } from '../../../ui/drawing/DrawingView';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'wholes', label: w.wholeLines, kind: 'gaps', hint: w.wholeLinesHint },
  { key: 'limitMm', label: w.limit, kind: 'gap' },
  { key: 'shorts', label: w.shortLines, kind: 'gaps', optional: true },
  { key: 'shortMm', label: w.shortLimit, kind: 'gap', optional: true },
  { key: 'overMm', label: w.shortLength, kind: 'mm', optional: true },
];

/** Whether a deck, a manifold or a cover is flat, as a whole and over a hand's breadth. */
export const faceBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence(({ figures, lists }, units) => {
    const { limitMm = 0, shortMm, overMm } = figures;
    const { wholes = [], shorts = [] } = lists;
    if (shorts.length > 0 && shortMm === undefined)
      throw new ReckoningFault('shortMm', 'missing-partner');
    if (shorts.length > 0 && overMm === undefined)
      throw new ReckoningFault('overMm', 'missing-partner');
    const held = shorts.length > 0 && shortMm !== undefined && overMm !== undefined;
    const found = faceFlatness({
      readings: [
        // Of a whole line it is enough that it is longer.
        ...wholes.map((gapMm, nth) => ({
          line: w.wholeLine(nth),
          gapMm,
          ...(held && { overMm: 2 * overMm }),
        })),
        ...shorts.map((gapMm, nth) => ({
          line: w.shortLine(nth),
          gapMm,
          ...(held && { overMm }),
        })),
      ],
      limitMm,
      ...(held && { perLength: { gapMm: shortMm, overMm } }),
    });
    const sentence = faceSentence(found, units);
    const drawing = faceGapsDrawing({
      lines: found.lines.map((line, nth) => ({
        ...line,
        limitMm: held && nth >= wholes.length ? Math.min(shortMm, limitMm) : limitMm,
      })),
      description: w.faceDrawing(sentence),
      figure: (mm) => lengthFigure(mm, units.length),
    });
    return {
      sentence,
      good: found.code === 'within',
      drawing: <DrawingView drawing={drawing} height={160} />,
    };
  }),
};
