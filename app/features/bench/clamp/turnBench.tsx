import { anglePreload } from '@cardinex/core/tightening/anglePreload';
import { anglePreloadSentence } from '@cardinex/words/clamp';
import { clampBench as w } from '@cardinex/words/clampBench';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'startKn', label: w.start, kind: 'number', unit: 'kN' },
  { key: 'angleDeg', label: w.angle, kind: 'deg' },
  { key: 'pitchMm', label: w.pitch, kind: 'mm' },
  { key: 'fastenerKnPerMm', label: w.fastener, kind: 'number', unit: 'kN/mm' },
  { key: 'jointKnPerMm', label: w.joint, kind: 'number', unit: 'kN/mm' },
];

/** What so many degrees add to a clamp. */
export const turnBench: CalculatorBench = {
  fields: FIELDS,
  starting: { fastenerKnPerMm: '180', jointKnPerMm: '720', pitchMm: '1.75' },
  answer: inSentence(({ figures }) => {
    const { startKn = 0, angleDeg = 0, pitchMm = 0 } = figures;
    const { fastenerKnPerMm = 0, jointKnPerMm = 0 } = figures;
    const found = anglePreload({ startKn, angleDeg, pitchMm, fastenerKnPerMm, jointKnPerMm });
    return { sentence: anglePreloadSentence(found), good: true };
  }),
};
