import type { Card } from '../../kit/card';
import { DONE, openFor } from '../../standing';
import { fitPieces } from './rows';
import { rowsOfPiece } from './standing';

/** What came off and has no other card goes on again: one entry for each piece. */
export const fitCard: Card<'fit'> = {
  name: 'fit',
  canBeLeftOut: true,
  places: [],
  entries: ({ sheet }) =>
    fitPieces(sheet).map(({ id, name }) => ({ card: 'fit', set: { id, name: name ?? id } })),
  waitsFor: ({ sheet, state }, { set }) => {
    const rows = rowsOfPiece(sheet, state, set?.id ?? '');
    if (rows.some(({ stands }) => stands === 'open')) return [];
    return rows.flatMap((row) => (row.stands === 'waits' ? row.waits : []));
  },
  stands: ({ sheet, state }, { set }) => {
    const rows = rowsOfPiece(sheet, state, set?.id ?? '');
    const done = rows.filter(({ stands }) => stands === 'done').length;
    return done === rows.length ? DONE : openFor({ code: 'to-put-on', done, total: rows.length });
  },
};
