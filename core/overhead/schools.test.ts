import fc from 'fast-check';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { overheadFor } from '../sheet/barringOf';
import { settingItems } from '../sheet/settingItems';
import type { Overhead } from './barringInput';
import { barringBySchool, SCHOOLS, type BarringSchool } from './schools';
import { settable } from './settable';

const engines = demoSheets.flatMap((sheet) => {
  const overhead = overheadFor(sheet, settingItems(sheet));
  const book = sheet.overhead?.bookTable?.positions;
  return typeof overhead === 'string' ? [] : [{ id: sheet.id, overhead, book }];
});

const cases = engines.flatMap((engine) => SCHOOLS.map((school) => ({ ...engine, school })));

it.each(cases)(
  '$id by $school: each item once at most, going forward, where it may be set',
  ({ overhead, book, school }) => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 719 }), (start) => {
        const startDeg = start % (overhead.strokes === 4 ? 720 : 360);
        const plan = barringBySchool(school, overhead, { startDeg, ...(book && { book }) });
        if (!plan) return;
        const set = plan.positions.flatMap((position) => position.set.map(({ id }) => id));
        expect(new Set(set).size).toBe(set.length);
        expect([...set, ...plan.neverSettable].sort()).toEqual(
          overhead.items.map(({ id }) => id).sort(),
        );
        expect(plan.positions.reduce((sum, { barDeg }) => sum + barDeg, 0)).toBeCloseTo(
          plan.totalBarDeg,
          6,
        );
        expect(plan.totalBarDeg).toBeLessThan(overhead.strokes === 4 ? 720 : 360);
        for (const { atDeg, barDeg, set: here } of plan.positions) {
          expect(barDeg).toBeGreaterThanOrEqual(0);
          const may = new Map(
            settable({ ...overhead, atDeg }).items.map(({ id, verdict }) => [id, verdict]),
          );
          if (school !== 'book')
            for (const { id } of here) expect(`${id} ${may.get(id)}`).toBe(`${id} settable`);
        }
      }),
      { numRuns: 30 },
    );
  },
);

const byName = (id: string): (typeof engines)[number] => {
  const found = engines.find((engine) => engine.id === id);
  if (!found) throw new Error(id);
  return found;
};
const stops = (engine: string, school: BarringSchool) => {
  const { overhead, book } = byName(engine);
  return barringBySchool(school, overhead, book && { book })?.positions.map(
    ({ atDeg, set }) => `${atDeg}: ${set.map(({ id }) => id).join(' ')}`,
  );
};

it('one cylinder after the other, as they fire', () => {
  expect(stops('tolvane-44', 'firing-order')).toEqual([
    '0: E1 I1',
    '180: E3 I3',
    '360: I4 E4',
    '540: I2 E2',
  ]);
});

it('watching the companion comes to the same stops, told by what is seen', () => {
  expect(stops('tolvane-44', 'companion')).toEqual(stops('tolvane-44', 'firing-order'));
  // Five cylinders, or two strokes, have no companions.
  expect(stops('quillon-5c', 'companion')).toBeUndefined();
  expect(stops('dunmere-2s5', 'companion')).toBeUndefined();
});

it('the inlet as the exhaust opens, the exhaust as the inlet has nearly closed', () => {
  const plan = stops('tolvane-44', 'opening-closing') ?? [];
  // Exhaust opens 48 before bottom, inlet closes 44 after it: 142 and 574 in a cylinder's own cycle.
  expect(plan).toContain('142: I1');
  expect(plan).toContain('574: E1');
  expect(plan).toHaveLength(8);
  expect(stops('dunmere-2s5', 'opening-closing')).toBeUndefined();
});

it('the book is followed where it prints a table', () => {
  expect(stops('tolvane-44', 'book')?.[0]).toBe('0: E1 I1 I2 E3');
  expect(stops('quillon-5c', 'book')).toBeUndefined();
});

it('cylinder 1’s mark alone leaves out what it cannot reach, and says which', () => {
  const plan = barringBySchool('first-mark', byName('dunmere-2s5').overhead);
  expect(plan?.neverSettable.length).toBeGreaterThan(0);
});

it('an injector goes to another stop where its own is not its time', () => {
  const { overhead } = byName('dunmere-2s5');
  const plan = barringBySchool('firing-order', overhead);
  const own = (id: string): number | undefined =>
    plan?.positions.find(({ set }) => set.some((entry) => entry.id === id))?.atDeg;
  expect(plan?.neverSettable).toEqual([]);
  const fires = (cylinder: number): number | undefined =>
    overhead.firing.find((firing) => firing.cylinder === cylinder)?.atDeg;
  expect(own('injector-1')).not.toBe(fires(1));
});

it('a stop with nothing left to set is left out', () => {
  const { overhead } = byName('tolvane-44');
  const left: Overhead = {
    ...overhead,
    items: overhead.items.filter(({ cylinder }) => cylinder === 3),
  };
  expect(barringBySchool('firing-order', left, { startDeg: 0 })?.positions).toMatchObject([
    { atDeg: 180, barDeg: 180 },
  ]);
});
