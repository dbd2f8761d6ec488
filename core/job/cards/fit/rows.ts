import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import type { Piece } from '../../../sheet/assembly/assemblyOf';
import { inRows } from '../../../sheet/assembly/reached';
import { memoizeByObject } from '../../../sheet/memoize';
import type { JobSheet } from '../../scope';
import { servedBy } from './served';

/** What is put on in one go: one of a piece, or those of it that follow each other. */
export interface FitRow {
  readonly piece: Piece;
  readonly instances: readonly string[];
}

/** What goes on again and has no other card, in the order it does. */
export const fitRows = memoizeByObject((sheet: JobSheet): readonly FitRow[] => {
  const { pieceOf } = assemblyGraph(sheet.whole);
  const own = sheet.comesOff.back.filter((id) => servedBy(sheet, id) === null);
  // A rod is bolted to its own cap and looked at by itself.
  const isSingle = (id: string | undefined): boolean => pieceOf(id ?? '')?.kind === 'rod';
  const rows = inRows(own).flatMap((row) => (isSingle(row[0]) ? row.map((id) => [id]) : [row]));
  return rows.flatMap((instances) => {
    const piece = pieceOf(instances[0] ?? '');
    return piece ? [{ piece, instances }] : [];
  });
});

/** The key of a row among the items of its check: its first instance. */
export function rowItem({ instances }: FitRow): string {
  return instances[0] ?? '';
}

/** The pieces that have a card of their own to go on by, each once, in the order the first of it does. */
export const fitPieces = memoizeByObject((sheet: JobSheet): readonly Piece[] => [
  ...new Set(fitRows(sheet).map(({ piece }) => piece)),
]);
