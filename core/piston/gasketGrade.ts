import { againstLeast } from '../quantity/limitVerdict';
import { mean } from '../quantity/mean';
import {
  ReckoningFault,
  requireDistinct,
  requireNotNegative,
  requireNumber,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import { atMost, inMillionths } from '../quantity/withinLimits';

export interface PistonStandOut {
  readonly cylinder: number;
  /** Over the deck, at its places over the pin; below it is negative. */
  readonly readingsMm: readonly number[];
}

export interface Grade {
  readonly mark: string;
  /** Exclusive; up to where the grade below it ends unless given. */
  readonly overMm?: number;
  /** Inclusive. */
  readonly uptoMm: number;
  /** As compressed. */
  readonly thicknessMm: number;
}

export type GradeRule = 'highest' | 'mean' | 'mean-then-highest';

export interface GasketGradeInput {
  readonly pistons: readonly PistonStandOut[];
  readonly grades: readonly Grade[];
  readonly rule: GradeRule;
  /** For `mean-then-highest`: by how much one piston may exceed the grade of the mean; none unless given. */
  readonly stepUpOverMm?: number;
  readonly minClearanceMm?: number;
}

export interface PistonClearance {
  readonly cylinder: number;
  readonly meanMm: number;
  /** Between its readings; it rocks on its pin, or lies on dirt. Null with a single one. */
  readonly rockMm: number | null;
  /** Crown to head, gasket compressed; absent while no grade is found. */
  readonly clearanceMm?: number;
  readonly verdict: 'within' | 'too-close' | 'no-limit';
}

export interface GasketGrade {
  readonly verdict: 'graded' | 'above-table' | 'below-table' | 'between-grades';
  readonly mark: string | null;
  readonly thicknessMm: number | null;
  /** What the table was entered with. */
  readonly byMm: number;
  readonly meanMm: number;
  readonly highestMm: number;
  readonly highestCylinder: number;
  /** One grade up from that of the mean, for the highest piston's sake. */
  readonly steppedUp: boolean;
  readonly pistons: readonly PistonClearance[];
  readonly clearance: 'within' | 'too-close' | 'no-limit';
}

/**
 * Which grade of gasket a block takes by the stand-out of its pistons, and what is left between each
 * crown and the head.
 * @throws ReckoningFault naming the field
 * @example
 * // The highest piston stands 0.51 out; "two holes" takes 0.48 to 0.56 and is 1.3 thick: 0.79 is left over it.
 * gasketGrade(input).mark // 'two holes'
 */
export function gasketGrade(input: GasketGradeInput): GasketGrade {
  const { pistons, rule, stepUpOverMm = 0, minClearanceMm } = input;
  const grades = requireGrades(input.grades);
  requirePistons(pistons);
  requireNotNegative('stepUpOverMm', stepUpOverMm);
  if (minClearanceMm !== undefined) requireNotNegative('minClearanceMm', minClearanceMm);
  const means = pistons.map(({ readingsMm }) => mean(readingsMm));
  const highestMm = Math.max(...means);
  const meanMm = mean(means);
  const byMm = rule === 'highest' ? highestMm : meanMm;
  const entered = enter(grades, byMm);
  const own = typeof entered === 'number' ? grades[entered] : undefined;
  const steppedUp =
    rule === 'mean-then-highest' &&
    own !== undefined &&
    means.some((mm) => !atMost(mm - own.uptoMm, stepUpOverMm));
  const grade = steppedUp ? grades[Number(entered) + 1] : own;
  const clearances = pistons.map(({ cylinder, readingsMm }, at): PistonClearance => {
    const standOut = means[at] ?? 0;
    const rockMm = readingsMm.length < 2 ? null : Math.max(...readingsMm) - Math.min(...readingsMm);
    if (!grade) return { cylinder, meanMm: standOut, rockMm, verdict: 'no-limit' };
    const clearanceMm = grade.thicknessMm - standOut;
    const least = againstLeast(clearanceMm, minClearanceMm);
    const verdict = least === 'under' ? 'too-close' : least;
    return { cylinder, meanMm: standOut, rockMm, clearanceMm, verdict };
  });
  const verdicts = clearances.map(({ verdict }) => verdict);
  return {
    verdict: grade ? 'graded' : typeof entered === 'string' ? entered : 'above-table',
    mark: grade?.mark ?? null,
    thicknessMm: grade?.thicknessMm ?? null,
    byMm,
    meanMm,
    highestMm,
    highestCylinder: pistons[means.indexOf(highestMm)]?.cylinder ?? 0,
    steppedUp,
    pistons: clearances,
    clearance: verdicts.includes('too-close') ? 'too-close' : (verdicts[0] ?? 'no-limit'),
  };
}

/** The place of the grade a stand-out falls in, or why it falls in none. */
function enter(
  grades: readonly Required<Grade>[],
  mm: number,
): number | 'above-table' | 'below-table' | 'between-grades' {
  const at = grades.findIndex(({ overMm, uptoMm }) => !atMost(mm, overMm) && atMost(mm, uptoMm));
  if (at >= 0) return at;
  if (atMost(mm, grades[0]?.overMm ?? -Infinity)) return 'below-table';
  return atMost(mm, grades.at(-1)?.uptoMm ?? Infinity) ? 'between-grades' : 'above-table';
}

/** Grades from the lowest up, each with both its ends. */
function requireGrades(grades: readonly Grade[]): readonly Required<Grade>[] {
  requireSome('grades', grades);
  requireDistinct(
    'grades',
    grades.map(({ mark }) => mark),
    'mark',
  );
  grades.forEach(({ overMm, uptoMm, thicknessMm }, at) => {
    requireNumber(`grades[${at}].uptoMm`, uptoMm);
    requirePositive(`grades[${at}].thicknessMm`, thicknessMm);
    if (overMm === undefined) return;
    requireNumber(`grades[${at}].overMm`, overMm);
    if (atMost(uptoMm, overMm)) {
      throw new ReckoningFault(`grades[${at}].uptoMm`, 'range-upside-down');
    }
  });
  const sorted = [...grades].sort((a, b) => inMillionths(a.uptoMm) - inMillionths(b.uptoMm));
  return sorted.map((grade, nth) => {
    const below = sorted[nth - 1];
    const overMm = grade.overMm ?? below?.uptoMm ?? -Infinity;
    const overlaps = below && (!atMost(below.uptoMm, overMm) || atMost(grade.uptoMm, below.uptoMm));
    if (overlaps) {
      const field = `grades[${grades.indexOf(grade)}].${grade.overMm === undefined ? 'uptoMm' : 'overMm'}`;
      throw new ReckoningFault(field, 'overlaps', { mark: below.mark });
    }
    return { ...grade, overMm };
  });
}

function requirePistons(pistons: readonly PistonStandOut[]): void {
  requireSome('pistons', pistons);
  requireDistinct(
    'pistons',
    pistons.map(({ cylinder }) => cylinder),
    'cylinder',
  );
  pistons.forEach(({ readingsMm }, at) => {
    requireSome(`pistons[${at}].readingsMm`, readingsMm);
    readingsMm.forEach((mm, nth) => requireNumber(`pistons[${at}].readingsMm[${nth}]`, mm));
  });
}
