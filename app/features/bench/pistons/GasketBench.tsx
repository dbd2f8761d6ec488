import { gasketGrade, type Grade } from '@cardinex/core/piston/gasketGrade';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { pistonsBench as w } from '@cardinex/words/en/bench';
import { gradeSentence } from '@cardinex/words/en/pistons';
import type { ReaderUnits } from '@cardinex/words/en/quantity';
import { useUnits } from '../../../device/preferences';
import { Field } from '../../../ui/Field';
import { Marked } from '../../../ui/Marked';
import { CalculatorFrame } from '../CalculatorFrame';
import { Figures } from '../Figures';
import { OneOf } from '../OneOf';
import { readFigures, readLines, type FigureField } from '../readFigures';
import { reckoned } from '../reckoned';
import { useBenchValues } from '../useBenchValues';

const FIELDS: readonly FigureField[] = [
  { key: 'stepUpOverMm', label: w.stepUp, kind: 'gap', optional: true },
  { key: 'minClearanceMm', label: w.least, kind: 'gap', optional: true },
];

const RULES = ['highest', 'mean', 'mean-then-highest'] as const;
const STARTING = { rule: 'highest', pistons: '', grades: '' };

/** Which gasket a block takes by the stand-out of its pistons. */
export function GasketBench() {
  const units = useUnits();
  const { values, set, clear } = useBenchValues('gasket', STARTING);
  const read = readFigures(FIELDS, values, units);
  const { rows, fault } = readLines(values.pistons ?? '', 'gaps', units);
  const grades = gradesOf(values.grades ?? '', units);
  const ready = read.complete && fault === undefined && rows.length > 0 && grades.length > 0;
  const bad = grades.some((grade) => grade === null);
  const { stepUpOverMm, minClearanceMm } = read.figures;
  const found =
    ready && !bad
      ? reckoned(() =>
          gasketGrade({
            pistons: rows.map((readingsMm, at) => ({ cylinder: at + 1, readingsMm })),
            grades: grades.filter((grade) => grade !== null),
            rule: RULES.find((rule) => rule === values.rule) ?? 'highest',
            ...(stepUpOverMm !== undefined && { stepUpOverMm }),
            ...(minClearanceMm !== undefined && { minClearanceMm }),
          }),
        )
      : null;
  return (
    <CalculatorFrame
      name="gasket"
      onClear={clear}
      answer={
        found === null || found instanceof ReckoningFault ? (
          found
        ) : (
          <Marked
            kind={found.mark !== null && found.clearance !== 'too-close' ? 'within' : 'out'}
            testID="result"
            strong
          >
            {gradeSentence(found, units)}
          </Marked>
        )
      }
    >
      <Field
        label={w.standOuts}
        hint={w.standOutHint}
        unit={units.length}
        multiline
        numberOfLines={4}
        value={values.pistons ?? ''}
        onChangeText={(text) => set('pistons', text)}
        fault={fault}
      />
      <Field
        label={w.grades}
        hint={w.gradeHint}
        unit={units.length}
        multiline
        numberOfLines={4}
        value={values.grades ?? ''}
        onChangeText={(text) => set('grades', text)}
        fault={bad ? w.badGrade : undefined}
      />
      <OneOf name="rule" label={w.gradedBy} labels={w.by} values={values} set={set} />
      <Figures fields={FIELDS} values={values} read={read} onChange={set} />
    </CalculatorFrame>
  );
}

/** Each line's mark and three figures; null for a line that is not so. */
function gradesOf(text: string, units: ReaderUnits): readonly (Grade | null)[] {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  return lines.map((line) => {
    const [mark = '', ...figures] = line.trim().split(/\s+/);
    const { rows, fault } = readLines(figures.join(' '), 'gaps', units);
    const [overMm, uptoMm, thicknessMm, ...more] = rows[0] ?? [];
    if (fault !== undefined || more.length > 0) return null;
    if (overMm === undefined || uptoMm === undefined || thicknessMm === undefined) return null;
    return { mark, overMm, uptoMm, thicknessMm };
  });
}
