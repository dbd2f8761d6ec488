import { scopedSheet } from '@cardinex/core/job/scope';
import { NO_LINERS, type LinersState } from '@cardinex/core/job/facts/liners';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { nextPlace } from './nextPlace';

/** Liners with this many places read, from the first on. */
function read(...places: number[]): LinersState {
  const reading = {
    mm: 0.06,
    printed: { text: '0.06', unit: 'mm' as const },
    actId: '',
    at: '',
    by: '',
  };
  const readings = Object.fromEntries(
    places.map((count, bore) => [
      String(bore + 1),
      Object.fromEntries(Array.from({ length: count }, (_, place) => [place, reading])),
    ]),
  );
  return { ...NO_LINERS, readings };
}

describe('where the next reading goes', () => {
  it.each([
    ['nothing read', read(), '1', 0],
    ['one place of the first', read(1), '1', 1],
    ['two of the four places the sheet names', read(2), '1', 2],
    ['the first done', read(4), '2', 0],
    ['one place of the second', read(4, 1), '2', 1],
    ['one left out', read(4, 0, 4, 4), '2', 0],
  ] as const)('after %s', (_, liners, bore, place) => {
    expect(nextPlace(scopedSheet(tolvane44, { kind: 'gasket' }), liners)).toEqual({ bore, place });
  });

  it('is nowhere once all are read: none is read over again by itself', () => {
    expect(nextPlace(scopedSheet(tolvane44, { kind: 'gasket' }), read(4, 4, 4, 4))).toBeNull();
  });
});
