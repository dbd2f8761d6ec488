import { mapFromCircle, mapFromRows, numberedByTaps, withAnother } from './makeMap';

describe('a map made', () => {
  it('from rows and columns has them in order from the cylinder-1 end', () => {
    const { map, fasteners } = mapFromRows({ rows: 2, columns: 3, alongMm: 100, acrossMm: 150 });
    expect(map).toEqual({ widthMm: 260, heightMm: 210 });
    expect(fasteners.map((f) => [f.id, f.xMm, f.yMm])).toEqual([
      ['f1', 30, 30],
      ['f2', 130, 30],
      ['f3', 230, 30],
      ['f4', 30, 180],
      ['f5', 130, 180],
      ['f6', 230, 180],
    ]);
  });

  it('from a circle begins at the top and goes clockwise', () => {
    const { map, fasteners } = mapFromCircle({ count: 4, diaMm: 100 });
    expect(map).toEqual({ widthMm: 160, heightMm: 160 });
    expect(fasteners.map((f) => [f.xMm, f.yMm])).toEqual([
      [80, 30],
      [130, 80],
      [80, 130],
      [30, 80],
    ]);
  });

  it.each([
    [() => mapFromRows({ rows: 0, columns: 3, alongMm: 1, acrossMm: 1 }), 'rows: not-that-many'],
    [
      () => mapFromRows({ rows: 20, columns: 20, alongMm: 1, acrossMm: 1 }),
      'columns: not-that-many',
    ],
    [
      () => mapFromRows({ rows: 1, columns: 3, alongMm: 0, acrossMm: 1 }),
      'alongMm: must-be-positive',
    ],
    [() => mapFromCircle({ count: 2.5, diaMm: 1 }), 'count: not-that-many'],
    [() => mapFromCircle({ count: 4, diaMm: -1 }), 'diaMm: must-be-positive'],
  ])('names what cannot be', (make, fault) => {
    expect(make).toThrow(fault);
  });

  it('is numbered in the order it is tapped, the rest following as they lie', () => {
    const { fasteners } = mapFromRows({ rows: 1, columns: 4, alongMm: 50, acrossMm: 1 });
    expect(numberedByTaps(fasteners, ['f3', 'f1']).map((f) => f.number)).toEqual([
      '2',
      '3',
      '1',
      '4',
    ]);
  });

  it('takes one more beside another, where there is most room, under an id of its own', () => {
    const { fasteners } = mapFromRows({ rows: 2, columns: 3, alongMm: 50, acrossMm: 100 });
    const more = withAnother(fasteners, 'f3');
    expect(more.added).toBe('f7');
    expect(more.fasteners.at(-1)).toEqual({ id: 'f7', number: '7', xMm: 160, yMm: 30 });
    const again = withAnother(
      more.fasteners.filter((f) => f.id !== 'f2'),
      'gone',
    );
    expect(again.added).toBe('f8');
    const places = again.fasteners.map((f) => `${f.xMm} ${f.yMm}`);
    expect(new Set(places).size).toBe(places.length);
  });

  it('begins with one where there is none yet', () => {
    expect(withAnother([], null).fasteners).toEqual([{ id: 'f1', number: '1', xMm: 60, yMm: 30 }]);
  });
});
