import type { Because, Reach } from '@cardinex/core/assembly/reachInput';
import { assemblyGraph } from '@cardinex/core/sheet/assembly/assemblyGraph';
import { unclampedBy } from '@cardinex/core/sheet/assembly/clamped';
import { inRows, reached } from '@cardinex/core/sheet/assembly/reached';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { Reference } from '@cardinex/core/sheet/spec/reference';
import { counted, list } from './kit';
import { pieceName, pieceNamed, referenceName, severalOf } from './pieces';
import { withinSentence } from './sentence';

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
  nowTitle: 'The engine now',
  nowLegend:
    'Dashed thin is off, barred in blue is next, with a clock waits its turn; the rest stays on.',
  assumed: 'The sheet does not say how it goes together: this is usual for its kind.',
} as const;

/** The picture read aloud: all pieces from the top, or what comes off for these in its order. */
export function stackDescription(
  sheet: EngineSheet,
  targets: readonly Reference[],
  what?: string,
): string {
  const found = targets.length === 0 ? null : reached(sheet, targets);
  if (found) return `${getAt(sheet, targets, what)} ${reachText(sheet, found)}`;
  const { pieces } = assemblyGraph(sheet).assembly;
  return `From the top: ${list(pieces.map((piece) => withinSentence(pieceName(piece))))}.`;
}

/** The engine of a job as it is now, read aloud. */
export function nowDescription(
  sheet: EngineSheet,
  {
    off,
    waits,
    next,
  }: {
    readonly off: readonly string[];
    readonly waits: readonly string[];
    readonly next: string | null;
  },
): string {
  const named = (pieces: readonly string[]): string =>
    list([...new Set(pieces)].map((id) => withinSentence(pieceNamed(sheet, id))));
  return [
    off.length > 0 ? `Off: ${named(off)}.` : 'Nothing is off.',
    next !== null && `Next: ${withinSentence(next)}.`,
    waits.length > 0 && `Still to come off: ${named(waits)}.`,
  ]
    .filter(Boolean)
    .join(' ');
}

/** What comes off for these, put into words; null where that cannot be worked out. */
export function stackReach(
  sheet: EngineSheet,
  targets: readonly Reference[],
  what?: string,
): StackReach | null {
  const found = reached(sheet, targets);
  if (!found) return null;
  return {
    title: `${getAt(sheet, targets, what)} ${counted(inRows(found.order).length, { one: 'piece comes off', other: 'pieces come off' })}.`,
    off: orderRows(sheet, found.order, found.off),
    on: orderRows(sheet, found.back, []),
    eased: found.eased.map(({ id }) => referenceName(sheet, id)),
    unclamped: [
      ...new Set(unclampedBy(sheet, new Set(found.order)).flatMap(({ pieces }) => pieces)),
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

/** A piece with its article; what is done is said as it is. */
function the(sheet: EngineSheet, reference: Reference): string {
  const name = withinSentence(referenceName(sheet, reference));
  const { pieces } = assemblyGraph(sheet).assembly;
  return pieces.some(({ id }) => id === headOf(reference)) ? `the ${name}` : name;
}

function orderRows(
  sheet: EngineSheet,
  ids: readonly string[],
  off: readonly Because[],
): readonly OrderRow[] {
  const reasons = new Map(off.map(({ id, because }) => [id, because]));
  return inRows(ids).map((group) => {
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
