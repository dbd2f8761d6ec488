import { demoSheets } from '@cardinex/demo/sheets/all';
import { cycleDegrees } from '../overhead/cycle';
import { cycleWindows } from './cycleWindows';
import { cylindersOf } from './engineSheet';
import { FAMILIES, banksFor, valvesFor, type Family } from './families';

const sheetOf = (id: string) => {
  const sheet = demoSheets.find((entry) => entry.id === id);
  if (!sheet) throw new Error('no such sheet');
  return sheet;
};

describe('what is lifted in one cycle', () => {
  it.each(demoSheets.map((sheet) => [sheet.name, sheet] as const))(
    'of %s begins before it ends, within one cycle’s length',
    (_, sheet) => {
      const windows = cycleWindows(sheet);
      expect(windows.length).toBeGreaterThan(0);
      for (const { fromDeg, toDeg } of windows) {
        expect(toDeg).toBeGreaterThan(fromDeg);
        expect(toDeg - fromDeg).toBeLessThan(cycleDegrees(sheet.strokes));
      }
    },
  );

  it('has injectors, brakes and actuators beside the valves, under the names of the sheet', () => {
    const named = (id: string) => cycleWindows(sheetOf(id)).map((w) => w.name ?? w.what);
    expect(named('orrin-6t')).toEqual(['exhaust', 'intake', 'injector', 'Brake slave']);
    expect(named('hesper-m6-r')).toEqual(['exhaust', 'intake', 'Intake actuator']);
    expect(named('dunmere-2s5')).toEqual(['exhaust', 'injector']);
  });

  it('rides with the valve it is said to ride with', () => {
    const [exhaust, , injector] = cycleWindows(sheetOf('orrin-6t'));
    expect([injector?.fromDeg, injector?.toDeg]).toEqual([exhaust?.fromDeg, exhaust?.toDeg]);
  });

  it('is nothing where the sheet gives no cam events', () => {
    const { overhead, ...without } = sheetOf('tolvane-44');
    expect(cycleWindows(without)).toEqual([]);
    expect(overhead).toBeDefined();
  });
});

describe('a sheet begun from a family', () => {
  it.each(Object.keys(FAMILIES) as Family[])(
    '%s numbers its cylinders from 1 without a gap',
    (family) => {
      const { form } = FAMILIES[family];
      for (const count of [1, 2, 3, 4, 5, 8, 12]) {
        const banks = banksFor(form, count);
        const numbers = cylindersOf({ layout: { form, banks } });
        expect([...numbers].sort((a, b) => a - b)).toEqual(
          Array.from({ length: count }, (_, n) => n + 1),
        );
        expect(banks).toHaveLength(form === 'in-line' ? 1 : 2);
      }
    },
  );

  it('has one gap for each cylinder and kind of valve', () => {
    expect(valvesFor(4, [1, 2]).map((v) => v.id)).toEqual(['E1', 'I1', 'E2', 'I2']);
    expect(valvesFor(2, [1, 2]).map((v) => v.id)).toEqual(['E1', 'E2']);
  });
});
