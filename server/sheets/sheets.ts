import { LRUCache } from 'lru-cache';
import type { SheetRevision } from '@cardinex/contract/sheets/revisions';
import { Sheet } from '../database/models';

/** Published revisions never change: one read serves as long as there is room for it. */
const read = new LRUCache<string, SheetRevision>({ max: 500 });

/**
 * A published revision of a sheet, or null when the shop has none such.
 */
export async function sheetRevision(
  shopId: string,
  sheetId: string,
  revision: number,
): Promise<SheetRevision | null> {
  const key = `${shopId}/${sheetId}/${revision}`;
  const known = read.get(key);
  if (known) return known;
  const row = await Sheet.findOne({
    where: { shopId, sheetId, revision },
    raw: true,
  });
  if (!row) return null;
  const found = { hash: row.hash, sheet: row.document };
  read.set(key, found);
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
