import { figureMm } from '../../quantity/figureMm';
import { inMillionths } from '../../quantity/withinLimits';
import type { LengthFigure } from '../../quantity/figure';
import { cylindersOf, type EngineSheet } from '../engineSheet';
import { heightsOf, type HeightSchool } from '../spec/block';
import { doubt, fault, repeatedIds, repeats, type SheetFinding } from './finding';
import { unknownCylinders } from './identity';

/** Liners, journals, head, gasket and pistons. */
export function checkBlock(sheet: EngineSheet): SheetFinding[] {
  return [
    ...linerFindings(sheet),
    ...headFindings(sheet),
    ...gradeFindings(sheet),
    ...pairFindings(sheet),
    ...repeatedIds('journals', sheet.journals ?? []),
    ...thrustFindings(sheet),
    ...repeatedIds('pistons.rings', sheet.pistons?.rings ?? []),
    ...positive(sheet.bore, 'bore'),
    ...positive(sheet.stroke, 'stroke'),
  ];
}

function positive(figure: LengthFigure | undefined, at: string): SheetFinding[] {
  return figure && inMillionths(figureMm(figure)) <= 0
    ? [fault(`${at}.value`, 'must-be-positive')]
    : [];
}

/** The bearing that carries the thrust is one of the shaft's own. */
function thrustFindings({ journals = [] }: EngineSheet): SheetFinding[] {
  return journals.flatMap(({ thrust, count, name }, place) =>
    thrust !== undefined && thrust > count
      ? [fault(`journals[${place}].thrust`, 'no-such-bearing', { name, count, thrust })]
      : [],
  );
}

function linerFindings(sheet: EngineSheet): SheetFinding[] {
  const liners = heightsOf(sheet.liners);
  if (!liners) return [];
  const findings: SheetFinding[] = [];
  for (const key of ['adjacent', 'tilt', 'groupSpread'] as const) {
    const figure = liners[key];
    if (figure && figure.value < 0) findings.push(fault(`liners.${key}.value`, 'must-be-positive'));
  }
  for (const key of ['low', 'high'] as const) {
    const figure = liners[key];
    if (figure && !fitsSchool(liners.school, figureMm(figure), key)) {
      findings.push(
        doubt(`liners.${key}`, 'height-of-other-school', {
          school: liners.school,
          figure: figure.text,
        }),
      );
    }
  }
  findings.push(
    ...repeats(liners.places).map(({ place, value }) =>
      fault(`liners.places[${place}]`, 'repeated', { id: value }),
    ),
    ...(liners.headGroups ?? []).flatMap((group, place) =>
      unknownCylinders(sheet, `liners.headGroups[${place}]`, group),
    ),
    ...missedByHeads(sheet, liners.headGroups),
    ...repeats((liners.headGroups ?? []).flat()).map(({ value }) =>
      fault('liners.headGroups', 'repeated', { id: value }),
    ),
  );
  return findings;
}

/** Recessed heights are negative, proud ones positive; flush ones lie about zero. */
function fitsSchool(school: HeightSchool, heightMm: number, limit: 'low' | 'high'): boolean {
  switch (school) {
    case 'proud':
    case 'on-shims':
      return heightMm >= 0;
    case 'recessed':
      return heightMm <= 0;
    case 'flush':
      return limit === 'low' ? heightMm <= 0 : heightMm >= 0;
  }
}

function headFindings({ head }: EngineSheet): SheetFinding[] {
  if (!head) return [];
  const findings: SheetFinding[] = [];
  if (head.camInHead && head.cut?.allowed)
    findings.push(doubt('head.cut.allowed', 'cut-though-cam'));
  const { standardThickness, repairThickness } = head;
  if (
    standardThickness &&
    repairThickness &&
    figureMm(repairThickness) > figureMm(standardThickness)
  ) {
    findings.push(
      fault('head.repairThickness', 'repair-above-standard', {
        repair: repairThickness.text,
        standard: standardThickness.text,
      }),
    );
  }
  return findings;
}

/** Grades follow each other: none begins below where the one before it ends. */
function gradeFindings({ gasket }: EngineSheet): SheetFinding[] {
  const grades = gasket?.grades ?? [];
  const findings = repeats(grades.map((g) => g.mark)).map(({ place, value }) =>
    fault(`gasket.grades[${place}].mark`, 'repeated', { id: value }),
  );
  if (grades.length > 0 && !gasket?.rule) findings.push(fault('gasket.rule', 'grade-rule-missing'));
  grades.forEach((grade, place) => {
    const before = grades[place - 1];
    const at = `gasket.grades[${place}]`;
    const facts = { mark: grade.mark, before: before?.mark ?? '' };
    if (grade.over && figureMm(grade.over) >= figureMm(grade.upTo)) {
      findings.push(
        fault(`${at}.upTo`, 'range-upside-down', { low: grade.over.text, high: grade.upTo.text }),
      );
    } else if (before && figureMm(grade.over ?? grade.upTo) < figureMm(before.upTo)) {
      findings.push(fault(`${at}.over`, 'grade-overlaps', facts));
    }
  });
  return findings;
}

function pairFindings(sheet: EngineSheet): SheetFinding[] {
  const pairs = sheet.pistons?.massPairs;
  if (!pairs) return [];
  const paired = pairs.flat();
  const findings = pairs.flatMap((pair, place) =>
    unknownCylinders(sheet, `pistons.massPairs[${place}]`, pair),
  );
  const left = cylindersOf(sheet).filter((cylinder) => !paired.includes(cylinder));
  if (left.length > 0) {
    findings.push(doubt('pistons.massPairs', 'pairs-not-all', { cylinders: left.join(', ') }));
  }
  return [
    ...findings,
    ...repeats(paired).map(({ value }) => fault('pistons.massPairs', 'repeated', { id: value })),
  ];
}

/** Cylinders that none of the heads covers, where it is said which covers which. */
function missedByHeads(
  sheet: EngineSheet,
  groups: readonly (readonly number[])[] | undefined,
): SheetFinding[] {
  if (!groups) return [];
  return cylindersOf(sheet)
    .filter((cylinder) => !groups.some((group) => group.includes(cylinder)))
    .map((cylinder) => fault('liners.headGroups', 'head-group-misses', { cylinder }));
}
