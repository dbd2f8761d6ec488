import { dunmere2s5 } from '@cardinex/demo/sheets/dunmere2s5';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { barringOf } from './barringOf';
import { bookAgainstPlan } from './bookAgainstPlan';
import type { EngineSheet } from './engineSheet';
import { settingItems } from './settingItems';

const planOf = (sheet: EngineSheet, school: 'fewest' | 'firing-order' | 'book') => {
  const plan = barringOf(sheet, { school, items: settingItems(sheet), startDeg: 0 });
  if (!plan) throw new Error('no plan');
  return plan;
};

describe('a plan against the book’s own table', () => {
  it('differs in nothing where it goes by the book', () => {
    expect(bookAgainstPlan(orrin6t, planOf(orrin6t, 'book'))).toEqual([]);
  });

  it.each([
    ['Tolvane', tolvane44],
    ['Orrin', orrin6t],
  ])('on %s says of each valve where either sets it, and how far its cam is away', (_, sheet) => {
    const plan = planOf(sheet, 'firing-order');
    const found = bookAgainstPlan(sheet, plan);
    expect(found.length).toBeGreaterThan(0);
    for (const { valve, bookDeg, planDeg, planClearanceDeg } of found) {
      expect(bookDeg).not.toBe(planDeg);
      const set = plan.positions.find(({ atDeg }) => atDeg === planDeg)?.set;
      const own = set?.find(({ id }) => id === valve);
      expect(planClearanceDeg).toBeCloseTo(own?.clearanceDeg ?? NaN, 9);
    }
  });

  it('has nothing to say where there is no table', () => {
    expect(bookAgainstPlan(dunmere2s5, planOf(dunmere2s5, 'fewest'))).toEqual([]);
  });
});
