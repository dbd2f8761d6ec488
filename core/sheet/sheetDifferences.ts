import type { EngineSheet } from './engineSheet';
import { pointerOf } from './pointer';
import type { VariantDifference } from './variants';

/** What names a revision rather than the engine. */
const OF_REVISION: ReadonlySet<string> = new Set(['revision', 'note']);

/** Beyond this many the sheets are not two revisions of one engine. */
const MOST = 200;

/**
 * Where one revision of a sheet differs from another, figure by figure: places both have, places only
 * one has (the other is undefined).
 */
export function sheetDifferences(
  sheet: EngineSheet,
  other: EngineSheet,
): readonly VariantDifference[] {
  const found: VariantDifference[] = [];
  compare(sheet, other, '', found);
  return found.slice(0, MOST);
}

function compare(sheet: unknown, variant: unknown, at: string, found: VariantDifference[]): void {
  if (Object.is(sheet, variant)) return;
  if (!isHolder(sheet) || !isHolder(variant) || isLeaf(sheet) || isLeaf(variant)) {
    if (JSON.stringify(sheet) !== JSON.stringify(variant)) found.push({ at, sheet, variant });
    return;
  }
  const keys = new Set([...Object.keys(sheet), ...Object.keys(variant)]);
  for (const key of keys) {
    if (at === '' && OF_REVISION.has(key)) continue;
    compare(sheet[key], variant[key], at + pointerOf([key]), found);
  }
}

function isHolder(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null;
}

/** A figure, a statement or a list of plain words changes as a whole. */
function isLeaf(value: Readonly<Record<string, unknown>>): boolean {
  if ('text' in value || 'says' in value) return true;
  return Array.isArray(value) && value.every((item) => typeof item !== 'object');
}
