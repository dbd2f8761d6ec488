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
import { nowDescription, stackDescription } from '../stack';

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

/** How the pieces of a job stand, by instance; what is not listed stays on. */
interface EngineNow {
  readonly standing: (instance: string) => PieceStanding;
  /** What comes off or goes on next, and what it is called. */
  readonly next: string | null;
}

/** The engine of a job as it is now: what is off, what is next, what waits for its turn. */
export function engineNow(
  sheet: EngineSheet,
  { standing, next }: EngineNow,
  wide: boolean,
): Drawing {
  const { instances } = assemblyGraph(sheet);
  const off = instances.filter(({ id }) => standing(id) === 'off').map(({ of }) => of);
  const waits = instances.filter(({ id }) => standing(id) === 'waits').map(({ of }) => of);
  return stackDrawing({
    sheet,
    standing,
    name: pieceName,
    ends: [shared.cylinder1(sheet.cylinder1End), endName(sheet.otherEnd)],
    description: nowDescription(sheet, { off, waits, next }),
    wide,
  });
}
