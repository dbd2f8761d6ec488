import { preload } from '@cardinex/core/tightening/preload';
import { USUAL_FRICTION, usualBearing } from '@cardinex/core/tightening/usualJoint';
import { preloadSentence } from '@cardinex/words/clamp';
import { clampBench as w } from '@cardinex/words/clampBench';
import { Small } from '../../../ui/Words';
import { OneOf } from '../OneOf';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'torqueNm', label: w.torque, kind: 'torque' },
  { key: 'diaMm', label: w.diameter, kind: 'mm' },
  { key: 'pitchMm', label: w.pitch, kind: 'mm' },
  { key: 'outerMm', label: w.outer, kind: 'mm', optional: true },
  { key: 'holeMm', label: w.hole, kind: 'mm', optional: true },
  { key: 'yieldMpa', label: w.yieldMpa, kind: 'number', unit: 'MPa', optional: true },
];

/** Friction may be a quarter more or less than usual. */
const BAND = 0.25;

/** The clamp of a torque on each treatment: what makes the same click another clamp. */
export const preloadBench: CalculatorBench = {
  fields: FIELDS,
  starting: { diaMm: '12', pitchMm: '1.75', treatment: 'oil' },
  answer: inSentence(({ figures }, units, { treatment = 'oil' }) => {
    const { torqueNm = 0, diaMm = 0, pitchMm = 0, outerMm, holeMm, yieldMpa } = figures;
    const mu = USUAL_FRICTION[treatment as keyof typeof USUAL_FRICTION] ?? 0.125;
    const range = [mu * (1 - BAND), mu * (1 + BAND)] as const;
    const bearing = usualBearing({ diaMm });
    const found = preload({
      torqueNm,
      diaMm,
      pitchMm,
      muThread: mu,
      muHead: mu,
      bearingOuterMm: outerMm ?? bearing.bearingOuterMm,
      bearingHoleMm: holeMm ?? bearing.bearingHoleMm,
      muThreadRange: range,
      muHeadRange: range,
      ...(yieldMpa !== undefined && { yieldMpa }),
    });
    return { sentence: preloadSentence(found, units), good: (found.shareOfYield ?? 0) <= 1 };
  }),
  below: (values, set) => (
    <>
      <OneOf name="treatment" label={w.treatment} labels={w.treatments} values={values} set={set} />
      <Small>{w.assumed}</Small>
    </>
  ),
};
