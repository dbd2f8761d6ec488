import { cycleDegrees } from '../../overhead/cycle';
import { inMillionths } from '../../quantity/withinLimits';
import { cylindersOf, type EngineSheet } from '../engineSheet';
import { doubt, fault, repeatedIds, repeats, type SheetFinding } from './finding';

/** What tells one engine from another: cylinders, ends, rotation and firing order. */
export function checkIdentity(sheet: EngineSheet): SheetFinding[] {
  return [...layoutFindings(sheet), ...endFindings(sheet), ...firingFindings(sheet)];
}

function layoutFindings({ layout }: EngineSheet): SheetFinding[] {
  const placed = layout.banks.flatMap((bank, b) =>
    bank.cylinders.map((cylinder, c) => ({ cylinder, at: `layout.banks[${b}].cylinders[${c}]` })),
  );
  const findings = [
    ...repeatedIds('layout.banks', layout.banks),
    ...repeats(placed.map((p) => p.cylinder)).map(({ place, value }) =>
      fault(placed[place]?.at ?? 'layout', 'repeated', { id: value }),
    ),
  ];
  const numbers = new Set(placed.map((p) => p.cylinder));
  const missing = Array.from({ length: numbers.size }, (_, n) => n + 1).find(
    (n) => !numbers.has(n),
  );
  if (missing !== undefined)
    findings.push(fault('layout.banks', 'cylinder-missing', { cylinder: missing }));
  const banks = layout.form === 'in-line' ? 1 : 2;
  if (layout.banks.length !== banks) {
    findings.push(fault('layout.banks', 'bank-count', { form: layout.form, banks }));
  }
  return findings;
}

function endFindings({
  cylinder1End,
  otherEnd,
  rotation,
  id,
  sister,
}: EngineSheet): SheetFinding[] {
  const findings: SheetFinding[] = [];
  if (cylinder1End === otherEnd) findings.push(fault('otherEnd', 'same-end', { end: otherEnd }));
  if (rotation && rotation.seenFrom !== cylinder1End && rotation.seenFrom !== otherEnd) {
    findings.push(
      fault('rotation.seenFrom', 'end-not-here', {
        end: rotation.seenFrom,
        one: cylinder1End,
        other: otherEnd,
      }),
    );
  }
  if (sister === id) findings.push(fault('sister', 'sister-is-self'));
  return findings;
}

function firingFindings(sheet: EngineSheet): SheetFinding[] {
  const { firing, strokes } = sheet;
  if (!firing) return [];
  const { order, intervalsDeg } = firing;
  const cylinders = cylindersOf(sheet);
  const at = 'firing.order';
  const findings: SheetFinding[] = [
    ...repeats(order).map(({ place, value }) =>
      fault(`${at}[${place}]`, 'firing-repeats', { cylinder: value }),
    ),
    ...order.flatMap((cylinder, place) =>
      cylinders.includes(cylinder)
        ? []
        : [fault(`${at}[${place}]`, 'unknown-cylinder', { cylinder })],
    ),
    ...cylinders.flatMap((cylinder) =>
      order.includes(cylinder) ? [] : [fault(at, 'firing-misses', { cylinder })],
    ),
  ];
  if (order[0] !== 1)
    findings.push(fault(`${at}[0]`, 'firing-starts', { cylinder: order[0] ?? 0 }));
  if (!intervalsDeg) return findings;
  const cycle = cycleDegrees(strokes);
  if (intervalsDeg.length !== order.length) {
    findings.push(
      fault('firing.intervalsDeg', 'intervals-count', {
        have: intervalsDeg.length,
        need: order.length,
      }),
    );
  }
  const sum = intervalsDeg.reduce((total, interval) => total + interval, 0);
  if (inMillionths(sum) !== inMillionths(cycle)) {
    findings.push(fault('firing.intervalsDeg', 'intervals-sum', { sum, cycle }));
  }
  return findings;
}

/** A cylinder number that is not on this engine, wherever a list names one. */
export function unknownCylinders(
  sheet: EngineSheet,
  at: string,
  cylinders: readonly number[],
): SheetFinding[] {
  const known = cylindersOf(sheet);
  return cylinders.flatMap((cylinder, place) =>
    known.includes(cylinder) ? [] : [fault(`${at}[${place}]`, 'unknown-cylinder', { cylinder })],
  );
}

/** Marks at angles that the crank of a two-stroke never comes to. */
export function checkCrank({ crank, strokes }: EngineSheet): SheetFinding[] {
  const cycle = cycleDegrees(strokes);
  return (crank?.marks ?? []).flatMap(({ atDeg }, place) =>
    atDeg < cycle
      ? []
      : [doubt(`crank.marks[${place}].atDeg`, 'angle-outside-cycle', { atDeg, cycle })],
  );
}
