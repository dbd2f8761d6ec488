import type { SheetRevision } from '@cardinex/contract/sheets/revisions';
import { Sheet } from '../database/models';

/** Published revisions never change, so one read serves for good. */
const kept = new Map<string, SheetRevision>();

/**
 * A published revision of a sheet, or null when the shop has none such.
 */
export async function sheetRevision(
  shopId: string,
  sheetId: string,
  revision: number,
): Promise<SheetRevision | null> {
  const key = `${shopId}/${sheetId}/${revision}`;
  const known = kept.get(key);
  if (known) return known;
  const row = await Sheet.findOne({
    where: { shopId, sheetId, revision },
    raw: true,
  });
  if (!row) return null;
  const found = { hash: row.hash, sheet: row.document };
  kept.set(key, found);
  return found;
}

/** The newest revision of each of a shop's sheets. */
export async function newestSheets(shopId: string): Promise<SheetRevision[]> {
  const rows = await Sheet.findAll({
    where: { shopId },
    order: [
      ['sheetId', 'ASC'],
      ['revision', 'DESC'],
    ],
    raw: true,
  });
  const newest = rows.filter((row, place) => row.sheetId !== rows[place - 1]?.sheetId);
  return newest.map((row) => ({ hash: row.hash, sheet: row.document }));
}
