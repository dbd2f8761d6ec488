import { reach } from '@cardinex/core/assembly/reach';
import type { Because, Reach } from '@cardinex/core/assembly/reachInput';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { assemblyGraph, reachInputOf } from '@cardinex/core/sheet/assembly/assemblyGraph';
import { unclampedBy } from '@cardinex/core/sheet/assembly/clamped';
import { headOf, isInstance } from '@cardinex/core/sheet/assembly/references';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { Reference } from '@cardinex/core/sheet/spec/reference';
import { stackDrawing, type PieceStanding } from '@cardinex/drawings/assembly/stack';
import type { Drawing } from '@cardinex/drawings/shape';
import { counted, list } from '../kit';
import { pieceName, pieceNamed, referenceName, severalOf } from '../pieces';
import { endName } from '../quantity';
import { withinSentence } from '../sentence';
import { shared } from '../screens';

/** A piece, or several of it one after the other, as they come off or go on. */
export interface OrderRow {
  readonly piece: string;
  readonly name: string;
  /** Which of it, where there are several: "1, 2, 3". */
  readonly places: string;
  /** What it comes off for. */
  readonly why: string;
}

/** What has to come off to get at something, and what that does to the rest. */
export interface StackReach {
  readonly title: string;
  readonly off: readonly OrderRow[];
  readonly on: readonly OrderRow[];
  readonly eased: readonly string[];
  readonly unclamped: readonly string[];
}

export const stackWords = {
  title: 'How it goes together',
  hint: 'Tap a piece, or walk up and down, to see what has to come off to get at it.',
  legend: 'Filled is what is got at, dashed comes off, the rest stays on.',
  before: 'The piece above',
  after: 'The piece below',
  none: 'The whole engine',
  off: 'Off, in this order',
  on: 'On again, in this order',
  eased: 'Only eased',
  unclamped: 'No longer clamped meanwhile',
  unclampedHint: 'joint renewed, pulled again whole, or let stand with a reason',
  assumed: 'The sheet does not say how it goes together: this is usual for its kind.',
} as const;

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
  const reached = targets.length === 0 ? null : reachOf(sheet, targets);
  const off = new Set(reached?.order);
  const meant = new Set(targets.flatMap((target) => targetsOf(sheet, target)));
  const standing = (instance: string): PieceStanding => {
    if (meant.has(instance)) return 'target';
    return off.has(instance) ? 'off' : 'on';
  };
  const place = (piece: string): string | undefined => {
    const at = grouped(reached?.order ?? []).findIndex((group) => headOf(group[0] ?? '') === piece);
    return at < 0 ? undefined : `${at + 1}`;
  };
  const { pieces } = assemblyGraph(sheet).assembly;
  const names = list(pieces.map((piece) => withinSentence(pieceName(piece))));
  return stackDrawing({
    sheet,
    standing,
    note: place,
    name: pieceName,
    ends: [shared.cylinder1(sheet.cylinder1End), endName(sheet.otherEnd)],
    description:
      reached === null
        ? `From the top: ${names}.`
        : `${getAt(sheet, targets, what)} ${reachText(sheet, reached)}`,
    wide,
  });
}

/** What comes off for these, put into words; null where that cannot be worked out. */
export function stackReach(
  sheet: EngineSheet,
  targets: readonly Reference[],
  what?: string,
): StackReach | null {
  const reached = reachOf(sheet, targets);
  if (!reached) return null;
  return {
    title: `${getAt(sheet, targets, what)} ${counted(grouped(reached.order).length, { one: 'piece comes off', other: 'pieces come off' })}.`,
    off: orderRows(sheet, reached.order, reached.off),
    on: orderRows(sheet, reached.back, []),
    eased: reached.eased.map(({ id }) => referenceName(sheet, id)),
    unclamped: [
      ...new Set(unclampedBy(sheet, new Set(reached.order)).flatMap(({ pieces }) => pieces)),
    ].map((piece) => referenceName(sheet, piece)),
  };
}

/** The same on paper: what comes off, and goes on again, each in a line. */
export function stackLines(sheet: EngineSheet, target: Reference): readonly string[] {
  const found = stackReach(sheet, [target]);
  if (!found) return [];
  const { title, off, on, eased } = found;
  const inLine = (rows: readonly OrderRow[]): string =>
    rows.map(({ name, places }) => (places === '' ? name : `${name} ${places}`)).join(' · ');
  return [
    title,
    `${stackWords.off}: ${inLine(off)}`,
    ...(eased.length > 0 ? [`${stackWords.eased}: ${eased.join(' · ')}`] : []),
    `${stackWords.on}: ${inLine(on)}`,
  ];
}

function getAt(sheet: EngineSheet, targets: readonly Reference[], what?: string): string {
  const [first = ''] = targets;
  return what === undefined ? `To get at ${the(sheet, first)}:` : `${what}:`;
}

function reachText(sheet: EngineSheet, { order }: Reach): string {
  const rows = orderRows(sheet, order, []);
  return `${list(rows.map(({ name, places }) => (places === '' ? name : `${name} ${places}`)))} come off, in this order.`;
}

/** Null where its pieces wait for each other in a circle, as they may while a sheet is entered. */
function reachOf(sheet: EngineSheet, targets: readonly Reference[]): Reach | null {
  try {
    return reach(reachInputOf(assemblyGraph(sheet), targets));
  } catch (error) {
    if (error instanceof ReckoningFault) return null;
    throw error;
  }
}

function targetsOf(sheet: EngineSheet, target: Reference): readonly string[] {
  const { instances } = assemblyGraph(sheet);
  return isInstance(target)
    ? [target]
    : instances.filter(({ of }) => of === target).map(({ id }) => id);
}

/** A piece with its article; what is done is said as it is. */
function the(sheet: EngineSheet, reference: Reference): string {
  const name = withinSentence(referenceName(sheet, reference));
  const { pieces } = assemblyGraph(sheet).assembly;
  return pieces.some(({ id }) => id === headOf(reference)) ? `the ${name}` : name;
}

/** Neighbours of one piece together. */
function grouped(ids: readonly string[]): readonly (readonly string[])[] {
  const groups: string[][] = [];
  for (const id of ids) {
    const last = groups.at(-1);
    if (last && headOf(last[0] ?? '') === headOf(id)) last.push(id);
    else groups.push([id]);
  }
  return groups;
}

function orderRows(
  sheet: EngineSheet,
  ids: readonly string[],
  off: readonly Because[],
): readonly OrderRow[] {
  const reasons = new Map(off.map(({ id, because }) => [id, because]));
  return grouped(ids).map((group) => {
    const [first = ''] = group;
    const piece = headOf(first);
    const why = [...new Set(group.flatMap((id) => reasons.get(id) ?? []).map(headOf))];
    return {
      piece,
      name: pieceNamed(sheet, piece),
      places: severalOf(sheet, piece)
        ? group.map((id) => id.slice(piece.length + 1)).join(', ')
        : '',
      why: why.length === 0 ? '' : `for ${list(why.map((id) => the(sheet, id)))}`,
    };
  });
}
