import type { Card, JobNow } from '../../kit/card';
import { pieceRef } from '../../pieceRef';
import { DONE, openFor, waitingFor, type Standing } from '../../standing';
import { clockAgainst, clocksOfRow, phaseOf } from './clocks';
import { fitPieces, rowItem } from './rows';
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
  stands: (job, { set }) => {
    const { sheet, state } = job;
    const rows = rowsOfPiece(sheet, state, set?.id ?? '');
    const done = rows.filter(({ stands }) => stands === 'done').length;
    if (done === rows.length) return DONE;
    return settingStanding(job, rows) ?? openFor({ code: 'to-put-on', done, total: rows.length });
  },
};

/** How a piece stands that nothing can be done about before its joint has set, or whose bead was left too long. */
function settingStanding(job: JobNow, rows: ReturnType<typeof rowsOfPiece>): Standing | null {
  const { sheet, state } = job;
  const open = rows.flatMap(({ row, ...at }) => {
    if (at.stands !== 'open' || !at.next) return [];
    return [
      {
        piece: pieceRef(sheet, rowItem(row)),
        against: clockAgainst(sheet, state, row, at.next, () => job.now),
        clocks: clocksOfRow(sheet, state, row),
      },
    ];
  });
  for (const { piece, against } of open)
    if (against?.is === 'too-late')
      return openFor({ code: 'bead-too-old', piece, since: against.since }, true);
  for (const { piece, clocks } of open)
    for (const clock of clocks) {
      const phase = phaseOf(clock, job.now);
      if (phase.is === 'to-close') return openFor({ code: 'close-by', piece, until: phase.until });
    }
  const [first] = open;
  if (first?.against?.is !== 'too-early' || open.some(({ against }) => against === null))
    return null;
  const { until, what } = first.against;
  return waitingFor(
    what === 'close'
      ? { code: 'not-closed-yet', piece: first.piece, until }
      : { code: 'clock', piece: first.piece, until, bars: 'pull' },
  );
}
