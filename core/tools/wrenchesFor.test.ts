import { lockside } from '@cardinex/demo/shops';
import { DEMO_TOOL, demoTool } from '@cardinex/demo/tools';
import { wrenchesFor } from './wrenchesFor';

const TODAY = '2026-06-15';
const { wrench1, wrench3, wrench5, wrench7 } = DEMO_TOOL;
const crib = [wrench1, wrench3, wrench5, wrench7].map((id) =>
  demoTool(lockside, id, new Date(`${TODAY}T08:00:00Z`)),
);
const bestFor = (...targetsNm: number[]): string | undefined =>
  wrenchesFor(crib, targetsNm, TODAY)[0]?.id;

describe('which wrench is offered first', () => {
  it('is the one that need not be changed between the stages, before one that suits the last value better', () => {
    // 5: 40 to 200 lies best about 90, and cannot be set to the 35 that comes first.
    expect(bestFor(90)).toBe(wrench5);
    expect(bestFor(35, 65, 90)).toBe(wrench3);
  });

  it('is the one that lasts longest, where none reaches every value', () => {
    expect(bestFor(30, 60, 150)).toBe(wrench3);
    expect(bestFor(150, 300)).toBe(wrench7);
    expect(bestFor(15, 150)).toBe(wrench1);
  });

  it('is one that is in date, whatever else it reaches', () => {
    const [first] = wrenchesFor(crib, [35, 65, 90], '2030-01-01');
    expect(first?.id).toBe(wrench3);
    const kept = crib.filter(({ id }) => id !== wrench3);
    expect(wrenchesFor(kept, [35, 65, 90], TODAY)[0]?.id).toBe(wrench1);
  });

  it('is as the crib stands, where nothing is pulled to a value', () => {
    expect(wrenchesFor(crib, [], TODAY).map(({ id }) => id)).toEqual(crib.map(({ id }) => id));
  });
});
