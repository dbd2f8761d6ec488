import type { EngineSheet } from '../../engineSheet';
import { instancesOf } from '../../assembly/instances';
import { headInstances } from '../../assembly/assemblyGraph';
import type { AssemblySpec } from '../../spec/assembly';
import { fault, type SheetFinding } from '../finding';
import { checkHeld } from './held';
import { checkOrder } from './order';
import { checkReferences } from './references';

/** More pieces one by one than any engine has, and as many as are worked out while somebody waits. */
const MOST_INSTANCES = 2000;

/**
 * The engine as its sheet puts it together. A sheet without an assembly stands on the usual one of its
 * family, of which nothing is asked. What names nothing is told alone: an order of it means nothing.
 */
export function checkAssembly(sheet: EngineSheet): SheetFinding[] {
  const { assembly } = sheet;
  if (!assembly) return [];
  const count = instanceCount(sheet, assembly);
  if (count > MOST_INSTANCES) {
    const facts = { count, most: MOST_INSTANCES };
    return [fault('assembly.pieces', 'too-many-instances', facts)];
  }
  const named = checkReferences(sheet, assembly);
  if (named.some(({ bars }) => bars)) return named;
  return [...named, ...checkHeld(sheet, assembly), ...checkOrder(sheet, assembly)];
}

function instanceCount(sheet: EngineSheet, { pieces }: AssemblySpec): number {
  const heads = headInstances(sheet, { pieces });
  return pieces.reduce((sum, piece) => sum + instancesOf(sheet, piece.id, piece, heads).length, 0);
}
