import type { EngineSheet } from '../../engineSheet';
import type { SheetFinding } from '../finding';
import { checkHeld } from './held';
import { checkOrder } from './order';
import { checkReferences } from './references';

/**
 * The engine as its sheet puts it together. A sheet without an assembly stands on the usual one of its
 * family, of which nothing is asked. What names nothing is told alone: an order of it means nothing.
 */
export function checkAssembly(sheet: EngineSheet): SheetFinding[] {
  const { assembly } = sheet;
  if (!assembly) return [];
  const named = checkReferences(sheet, assembly);
  if (named.some(({ bars }) => bars)) return named;
  return [...named, ...checkHeld(sheet, assembly), ...checkOrder(sheet, assembly)];
}
