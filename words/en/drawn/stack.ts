import { assemblyGraph } from '@cardinex/core/sheet/assembly/assemblyGraph';
import { inRows, reached } from '@cardinex/core/sheet/assembly/reached';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { Reference } from '@cardinex/core/sheet/spec/reference';
import { stackDrawing, type PieceStanding } from '@cardinex/drawings/assembly/stack';
import type { Drawing } from '@cardinex/drawings/shape';
import { pieceName } from '../pieces';
import { endName } from '../quantity';
import { shared } from '../screens';
import { stackDescription } from '../stack';

/**
 * The engine as its pieces; with what is to be got at, what comes off for it.
 * @param targets references to pieces, instances or acts; none: the whole engine
 * @param what what they are called together, where they have a name; else the first of them is named
 */
export function stack(
  sheet: EngineSheet,
  targets: readonly Reference[],
  wide: boolean,
  what?: string,
): Drawing {
  const found = targets.length === 0 ? null : reached(sheet, targets);
  const off = new Set(found?.order);
  const meant = new Set(assemblyGraph(sheet).meant(targets));
  const standing = (instance: string): PieceStanding => {
    if (meant.has(instance)) return 'target';
    return off.has(instance) ? 'off' : 'on';
  };
  const rows = inRows(found?.order ?? []);
  const place = (piece: string): string | undefined => {
    const at = rows.findIndex(([first = '']) => headOf(first) === piece);
    return at < 0 ? undefined : `${at + 1}`;
  };
  return stackDrawing({
    sheet,
    standing,
    note: place,
    name: pieceName,
    ends: [shared.cylinder1(sheet.cylinder1End), endName(sheet.otherEnd)],
    description: stackDescription(sheet, targets, what),
    wide,
  });
}
