import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { compareBookTable } from './compareBookTable';
import type { EngineSheet } from './engineSheet';
import type { BookTable, OverheadSpec } from './spec/overhead';
import { barringOf } from './barringOf';
import { gapTarget, overheadOf } from './overheadOf';
import { settingItems } from './settingItems';

const { overhead: found } = tolvane44;
if (!found?.camEvents || !found.clearances) throw new Error('no overhead');
const overhead = { ...found, camEvents: found.camEvents, clearances: found.clearances };
const withOverhead = (change: Partial<OverheadSpec>): EngineSheet => ({
  ...tolvane44,
  overhead: { ...overhead, ...change },
});
const marginOf = (sheet: EngineSheet): number => {
  const entry = overheadOf(sheet);
  return typeof entry === 'string' ? NaN : entry.marginDeg;
};

const withTable = (positions: BookTable['positions']): EngineSheet =>
  withOverhead({ bookTable: { source: 'p. 47', positions } });

describe("the book's own valve table", () => {
  it('of the Tolvane 44 agrees with its cam events', () => {
    expect(compareBookTable(tolvane44)).toEqual({ doubtful: [], missing: [], agrees: true });
  });

  it('that sets a lifted valve, or leaves one out, is told apart with the number', () => {
    const compared = compareBookTable(
      withTable([
        { says: 'No. 1 up', atDeg: 0, set: ['E1', 'I1', 'I2', 'E4'] },
        { says: 'No. 4 up', atDeg: 360, set: ['E2', 'I3', 'I4'] },
      ]),
    );
    expect(compared?.agrees).toBe(false);
    expect(compared?.missing).toEqual(['E3']);
    expect(compared?.doubtful).toEqual([{ valve: 'E4', atDeg: 0, clearanceDeg: -14 }]);
  });

  it('need not exist', () => {
    const { bookTable: _none, ...without } = overhead;
    expect(compareBookTable({ ...tolvane44, overhead: without })).toBeNull();
  });
});

describe('the valves of a sheet', () => {
  it('are offered with a wider margin where the cam events are only assumed', () => {
    const camEvents = { ...overhead.camEvents, from: 'assumed' as const };
    expect(marginOf(tolvane44)).toBe(20);
    expect(marginOf(withOverhead({ camEvents }))).toBe(30);
  });

  it('of the Tolvane 44 are set at two positions a turn apart', () => {
    const plan = barringOf(tolvane44, {
      school: 'fewest',
      items: settingItems(tolvane44),
      startDeg: 0,
    });
    expect(plan?.positions.map((p) => [p.atDeg, p.set.map((i) => i.id).sort()])).toEqual([
      [0, ['E1', 'E3', 'I1', 'I2']],
      [360, ['E2', 'E4', 'I3', 'I4']],
    ]);
  });

  it('with only a hot figure are set at that or a little more, never tighter', () => {
    const [exhaust] = overhead.valves;
    if (!exhaust) throw new Error('no valves');
    const target = gapTarget(tolvane44, exhaust);
    expect(target).toMatchObject({
      lowMm: 0.4,
      provisional: true,
      hotLowMm: 0.38,
      hotHighMm: 0.43,
    });
    expect(target?.highMm).toBeCloseTo(0.45, 12);
  });

  it('with a cold figure are not provisional, and with none have no target', () => {
    const [exhaust] = overhead.valves;
    const hot = overhead.clearances.exhaust?.hot;
    if (!exhaust || !hot) throw new Error('no valves');
    const clearancesOf = (exhaustGap: object): EngineSheet =>
      withOverhead({ clearances: { ...overhead.clearances, exhaust: exhaustGap } });
    expect(gapTarget(clearancesOf({ cold: hot }), exhaust)).toMatchObject({
      lowMm: 0.38,
      highMm: 0.43,
      aimMm: 0.4,
      provisional: false,
    });
    expect(gapTarget(clearancesOf({}), exhaust)).toBeNull();
  });
});
