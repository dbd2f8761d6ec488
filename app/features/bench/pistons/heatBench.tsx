import { EXPANSION_PER_K, pinHeat } from '@cardinex/core/piston/pinHeat';
import { pistonsBench as w } from '@cardinex/words/bench';
import { heatSentence } from '@cardinex/words/pistons';
import { OneOf } from '../OneOf';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'interferenceMm', label: w.interference, kind: 'gap' },
  { key: 'wantedClearanceMm', label: w.room, kind: 'gap' },
  { key: 'diaMm', label: w.diameter, kind: 'mm' },
  { key: 'ambientTempC', label: w.ambient, kind: 'number', unit: '°C' },
  { key: 'maxTempC', label: w.mostWarm, kind: 'number', unit: '°C', optional: true },
];

/** How warm a rod or piston must be for its pin to slip in. */
export const heatBench: CalculatorBench = {
  fields: FIELDS,
  starting: { part: 'steel', ambientTempC: '20' },
  answer: inSentence(({ figures }, _units, { part }) => {
    const { interferenceMm = 0, wantedClearanceMm = 0, diaMm = 0 } = figures;
    const { ambientTempC = 20, maxTempC } = figures;
    const found = pinHeat({
      interferenceMm,
      wantedClearanceMm,
      diaMm,
      alphaPerK: EXPANSION_PER_K[part === 'alloy' ? 'alloy' : 'steel'],
      ambientTempC,
      ...(maxTempC !== undefined && { maxTempC }),
    });
    return { sentence: heatSentence(found), good: found.verdict === 'within' };
  }),
  below: (values, set) => (
    <OneOf name="part" label={w.part} labels={w.parts} values={values} set={set} />
  ),
};
