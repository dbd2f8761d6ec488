import { readFigures, type FigureField } from './readFigures';

const metric = { length: 'mm', torque: 'N·m', pressure: 'bar' } as const;
const imperial = { length: 'thou', torque: 'lbf·ft', pressure: 'bar' } as const;
const fields: readonly FigureField[] = [
  { key: 'targetNm', label: 'Value', kind: 'torque' },
  { key: 'gapMm', label: 'Gap', kind: 'gap', optional: true },
  { key: 'leavesMm', label: 'Leaves', kind: 'gaps', optional: true },
];

describe('figures typed on the bench', () => {
  it('are read in the reader’s own units', () => {
    const values = { targetNm: '63', gapMm: '12,5', leavesMm: '2 3' };
    const { figures, lists, complete } = readFigures(fields, values, imperial);
    expect(figures.targetNm).toBeCloseTo(63 * 1.3558179483, 9);
    expect(figures.gapMm).toBeCloseTo(0.3175, 12);
    expect(lists.leavesMm?.map((mm) => Math.round(mm * 1e6))).toEqual([50_800, 76_200]);
    expect(complete).toBe(true);
  });

  it('may be missing only where they are not needed', () => {
    expect(readFigures(fields, { targetNm: '85' }, metric).complete).toBe(true);
    expect(readFigures(fields, { gapMm: '0.3' }, metric).complete).toBe(false);
  });

  it('that cannot be read say so at their own field', () => {
    const { faults, complete } = readFigures(
      fields,
      { targetNm: '85 90', gapMm: 'o.3', leavesMm: '0.05, 0.10' },
      metric,
    );
    expect(Object.keys(faults).sort()).toEqual(['gapMm', 'leavesMm', 'targetNm']);
    expect(complete).toBe(false);
  });
});
