import { headFlatness, STRAIGHTEDGE_LINES } from '@cardinex/core/block/headFlatness';
import { inspectionBench as w } from '@cardinex/words/bench';
import { headSentence } from '@cardinex/words/inspection';
import { Choice } from '../../../ui/Choice';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';
import { StraightedgeDrawing } from '../../checks/StraightedgeDrawing';

const FIELDS: readonly FigureField[] = [
  ...STRAIGHTEDGE_LINES.map((line) => ({
    key: line,
    label: w.lines[line],
    kind: 'gap' as const,
    optional: true,
  })),
  { key: 'limitMm', label: w.limit, kind: 'gap' },
  { key: 'thicknessMm', label: w.thickness, kind: 'mm', optional: true },
  { key: 'repairMm', label: w.repair, kind: 'mm', optional: true },
  { key: 'standardMm', label: w.standard, kind: 'mm', optional: true },
  { key: 'cutAllowanceMm', label: w.allowance, kind: 'gap', optional: true },
];

const CAMS = ['block', 'head', 'cut'] as const;

/** Whether a head goes back, is cut, or is replaced. */
export const headBench: CalculatorBench = {
  fields: FIELDS,
  starting: { cam: 'block' },
  answer: inSentence(({ figures }, units, { cam }) => {
    const readings = STRAIGHTEDGE_LINES.flatMap((line) => {
      const gapMm = figures[line];
      return gapMm === undefined ? [] : [{ line, gapMm }];
    });
    const { limitMm = 0, thicknessMm, repairMm, standardMm, cutAllowanceMm } = figures;
    if (readings.length === 0) return null;
    const found = headFlatness({
      readings,
      limitMm,
      camInHead: cam !== 'block',
      camInHeadCutAllowed: cam === 'cut',
      ...(thicknessMm !== undefined && { thicknessMm }),
      ...(repairMm !== undefined && { repairMm }),
      ...(standardMm !== undefined && { standardMm }),
      ...(cutAllowanceMm !== undefined && { cutAllowanceMm }),
    });
    return {
      sentence: headSentence(found, units),
      good: found.verdict === 'reuse',
      drawing: <StraightedgeDrawing readings={readings} limitMm={limitMm} />,
    };
  }),
  below: ({ cam }, set) => (
    <Choice
      label={w.camInHead}
      value={CAMS.find((item) => item === cam) ?? 'block'}
      options={CAMS.map((value) => ({ value, label: w.cams[value] }))}
      onChange={(value) => set('cam', value)}
    />
  ),
};
