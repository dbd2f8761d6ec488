import { compression } from '@cardinex/core/piston/compression';
import { pistonsBench as w } from '@cardinex/words/bench';
import { compressionSentence } from '@cardinex/words/pistons';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'boreMm', label: w.bore, kind: 'mm' },
  { key: 'strokeMm', label: w.stroke, kind: 'mm' },
  { key: 'chamberCc', label: w.chamber, kind: 'number', unit: 'cc' },
  { key: 'bowlCc', label: w.bowl, kind: 'number', unit: 'cc' },
  { key: 'gasketBoreMm', label: w.gasketBore, kind: 'mm' },
  { key: 'gasketMm', label: w.gasket, kind: 'gap' },
  { key: 'standOutMm', label: w.standOut, kind: 'gap' },
  { key: 'valveReliefCc', label: w.relief, kind: 'number', unit: 'cc', optional: true },
];

/** The compression ratio, and what a gasket thicker by a tenth makes of it. */
export const compressionBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence(({ figures }) => {
    const { boreMm = 0, strokeMm = 0, chamberCc = 0, bowlCc = 0 } = figures;
    const { gasketBoreMm = 0, gasketMm = 0, standOutMm = 0, valveReliefCc } = figures;
    const found = compression({
      boreMm,
      strokeMm,
      chamberCc,
      bowlCc,
      gasketBoreMm,
      gasketMm,
      standOutMm,
      ...(valveReliefCc !== undefined && { valveReliefCc }),
    });
    return { sentence: compressionSentence(found), good: true };
  }),
};
