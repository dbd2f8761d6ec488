import { gasketGrade, type Grade } from '@cardinex/core/piston/gasketGrade';
import { pistonsBench as w } from '@cardinex/words/bench';
import { gradeSentence } from '@cardinex/words/pistons';
import type { ReaderUnits } from '@cardinex/words/quantity';
import { Field } from '../../../ui/Field';
import { Marked } from '../../../ui/Marked';
import type { CalculatorBench } from '../CalculatorBench';
import { OneOf } from '../OneOf';
import { readLines, type FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'stepUpOverMm', label: w.stepUp, kind: 'gap', optional: true },
  { key: 'minClearanceMm', label: w.least, kind: 'gap', optional: true },
];

const RULES = ['highest', 'mean', 'mean-then-highest'] as const;

/** Which gasket a block takes by the stand-out of its pistons. */
export const gasketBench: CalculatorBench = {
  fields: FIELDS,
  starting: { rule: 'highest', pistons: '', grades: '' },
  answer: ({ figures }, values, units) => {
    const { stepUpOverMm, minClearanceMm } = figures;
    const { rows, fault } = readLines(values.pistons ?? '', 'gaps', units);
    const typed = gradesOf(values.grades ?? '', units);
    const grades = typed.filter((grade) => grade !== null);
    if (fault !== undefined || rows.length === 0 || typed.length === 0) return null;
    if (grades.length < typed.length) return null;
    const found = gasketGrade({
      pistons: rows.map((readingsMm, at) => ({ cylinder: at + 1, readingsMm })),
      grades,
      rule: RULES.find((rule) => rule === values.rule) ?? 'highest',
      ...(stepUpOverMm !== undefined && { stepUpOverMm }),
      ...(minClearanceMm !== undefined && { minClearanceMm }),
    });
    return (
      <Marked
        kind={found.mark !== null && found.clearance !== 'too-close' ? 'within' : 'out'}
        testID="result"
        strong
      >
        {gradeSentence(found, units)}
      </Marked>
    );
  },
  above: (values, set, units) => (
    <>
      <Field
        label={w.standOuts}
        hint={w.standOutHint}
        unit={units.length}
        multiline
        numberOfLines={4}
        value={values.pistons ?? ''}
        onChangeText={(text) => set('pistons', text)}
        fault={readLines(values.pistons ?? '', 'gaps', units).fault}
      />
      <Field
        label={w.grades}
        hint={w.gradeHint}
        unit={units.length}
        multiline
        numberOfLines={4}
        value={values.grades ?? ''}
        onChangeText={(text) => set('grades', text)}
        fault={gradesOf(values.grades ?? '', units).includes(null) ? w.badGrade : undefined}
      />
      <OneOf name="rule" label={w.gradedBy} labels={w.by} values={values} set={set} />
    </>
  ),
};

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
