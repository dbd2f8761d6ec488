import { tensioner } from '@cardinex/core/tightening/tensioner';
import { tensionerSentence } from '@cardinex/words/clamp';
import { clampBench as w } from '@cardinex/words/clampBench';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'pressureBar', label: w.pressure, kind: 'number', unit: 'bar' },
  { key: 'areaMm2', label: w.area, kind: 'number', unit: 'mm²' },
  { key: 'studMm', label: w.stud, kind: 'mm' },
  { key: 'stretchLengthMm', label: w.stretched, kind: 'mm' },
  { key: 'pitchMm', label: w.pitch, kind: 'mm' },
  { key: 'modulusGpa', label: w.modulus, kind: 'number', unit: 'GPa' },
  { key: 'lossPercent', label: w.loss, kind: 'number', unit: '%' },
  { key: 'holesPerTurn', label: w.holesPerTurn, kind: 'number', optional: true },
  { key: 'yieldMpa', label: w.yieldMpa, kind: 'number', unit: 'MPa', optional: true },
];

/** What a jack does to its stud. */
export const jackBench: CalculatorBench = {
  fields: FIELDS,
  starting: { modulusGpa: '205', lossPercent: '10' },
  answer: inSentence(({ figures }, units) => {
    const { pressureBar = 0, areaMm2 = 0, studMm = 0, stretchLengthMm = 0 } = figures;
    const { pitchMm = 0, modulusGpa = 0, lossPercent = 0, holesPerTurn, yieldMpa } = figures;
    const found = tensioner({
      pressureBar,
      areaMm2,
      studMm,
      stretchLengthMm,
      pitchMm,
      modulusGpa,
      transferLoss: lossPercent / 100,
      ...(holesPerTurn !== undefined && { holesPerTurn }),
      ...(yieldMpa !== undefined && { yieldMpa }),
    });
    return { sentence: tensionerSentence(found, units), good: (found.shareOfYield ?? 0) <= 1 };
  }),
};
