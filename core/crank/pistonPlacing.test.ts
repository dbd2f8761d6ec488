import { demoSheets } from '@cardinex/demo/sheets/all';
import { firingOf } from '../sheet/overheadOf';
import { pistonPlacings } from './pistonPlacing';

const four = [1, 3, 4, 2].map((cylinder, at) => ({ cylinder, atDeg: at * 180 }));

it('a throw is at the bottom half a turn after its top; those of one throw go in together', () => {
  expect(pistonPlacings(four, 'bottom')).toEqual([
    { cylinder: 1, atDeg: 180, together: [4] },
    { cylinder: 3, atDeg: 0, together: [2] },
    { cylinder: 4, atDeg: 180, together: [1] },
    { cylinder: 2, atDeg: 0, together: [3] },
  ]);
});

it('for a cylinder over its piston the rod is at the top', () => {
  expect(pistonPlacings(four, 'top').map(({ atDeg }) => atDeg)).toEqual([0, 180, 0, 180]);
});

it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
  'on %s top and bottom are half a turn apart, and company is mutual',
  (_, sheet) => {
    const firing = firingOf(sheet);
    const [top, bottom] = [pistonPlacings(firing, 'top'), pistonPlacings(firing, 'bottom')];
    expect(top).toHaveLength(firing.length);
    top.forEach(({ atDeg, cylinder, together }, at) => {
      expect(Math.abs(atDeg - (bottom[at]?.atDeg ?? 0))).toBeCloseTo(180, 6);
      for (const other of together) {
        expect(top.find((placing) => placing.cylinder === other)?.together).toContain(cylinder);
      }
    });
  },
);
