import type { Scope, ScopeKind } from '@cardinex/core/job/facts/scope';
import type { Because } from '@cardinex/core/job/facts/cause';
import type { JobSheet } from '@cardinex/core/job/scope';
import { assemblyGraph } from '@cardinex/core/sheet/assembly/assemblyGraph';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import { list } from './kit';
import { pieceName, pieceNamed } from './pieces';
import { withinSentence } from './sentence';

const NAMES: Readonly<Record<ScopeKind, string>> = {
  pieces: 'Picked pieces',
  gasket: 'Head gasket',
  'one-head': 'One head',
  'one-cylinder': 'One cylinder',
  'top-end': 'Top end',
  'in-frame': 'In the frame',
  everything: 'Everything',
};

const SAYS: Readonly<Record<ScopeKind, string>> = {
  pieces: 'Only what you pick, and what has to come off for it.',
  gasket: 'Heads off and on. Liners, pistons and crank stay.',
  'one-head': 'One head off and on. The others stay down.',
  'one-cylinder': 'One head, its liner, piston and rod. The rest stays.',
  'top-end': 'Heads rebuilt. Liners, pistons and crank stay.',
  'in-frame': 'Heads, liners, pistons, shells. The crank stays in.',
  everything: 'Down to the bare block on a stand.',
};

/** A scope's short name. */
export function scopeName(kind: ScopeKind): string {
  return NAMES[kind];
}

/** What it takes off and what it leaves. */
export function scopeSays(kind: ScopeKind): string {
  return SAYS[kind];
}

/** A scope with what it is narrowed to: "One cylinder: 3". */
export function scopeTitle({ kind, only, also = [] }: Scope): string {
  const picked = list(also.map(pickedName));
  const named = only === undefined ? NAMES[kind] : `${NAMES[kind]}: ${only}`;
  if (kind === 'pieces') return picked;
  return picked === '' ? named : `${named}, and ${picked}`;
}

/** What stays on what it stands on, and why; nothing where nothing does. */
export function keptReasons({ keep = [] }: Scope): string {
  return keep.map(({ piece, why }) => `${pickedName(piece)} stays on: ${why}`).join('. ');
}

/** A picked piece where no sheet is at hand: "Rocker cover", "Injector 3". */
function pickedName(piece: string): string {
  const of = headOf(piece);
  const place = piece.slice(of.length + 1);
  return place === '' ? pieceName({ id: of }) : `${pieceName({ id: of })} ${place}`;
}

/** What is deep enough in an engine that somebody may take it for done. */
const DEEP: readonly string[] = [
  'head',
  'cylinder',
  'liner',
  'rod-and-piston',
  'rod',
  'camshaft',
  'bearing-cap',
  'crank',
  'flywheel',
];

/** What nobody touches: it stands in the record, so that nobody takes it for done. */
export function undisturbed({ whole, comesOff }: JobSheet): string {
  const { instances, assembly } = assemblyGraph(whole);
  const stays = assembly.pieces.flatMap(({ id, kind }) => {
    if (!DEEP.includes(kind)) return [];
    const all = instances.filter(({ of }) => of === id);
    const left = all.filter((entry) => !comesOff.because.has(entry.id));
    if (left.length === 0) return [];
    const name = withinSentence(pieceNamed(whole, id));
    return left.length === all.length ? name : `${name} ${list(left.map(({ place }) => place))}`;
  });
  return stays.length > 0 ? `Undisturbed: ${stays.join('; ')}.` : 'Nothing stays undisturbed.';
}

const SYMPTOM_NAMES: Readonly<Record<Because, string>> = {
  'gas-to-water': 'Gas into water',
  'water-to-oil': 'Water into oil',
  'oil-to-water': 'Oil into water',
  'water-to-cylinder': 'Water into a cylinder',
  'cylinder-to-cylinder': 'Cylinder to cylinder',
  'gas-outside': 'Gas to the outside',
  'low-compression': 'Low compression',
  overheated: 'Overheated',
  'low-oil-pressure': 'Low oil pressure',
  seized: 'Seized',
  noise: 'Noise',
  'dropped-valve': 'Dropped valve',
  worn: 'Worn out',
  other: 'Something else',
};

/** A leak path or symptom. */
export function symptomName(because: Because): string {
  return SYMPTOM_NAMES[because];
}

export const leaveOutWords = {
  button: 'Leave this card out',
  title: (card: string) => `${card}: left out on this job?`,
  says: 'It stands in the record as left out, not as done. Whatever it would have held up goes on.',
  label: 'Why?',
  hint: 'e.g. came in pieces; stripped and marked by its owner',
  need: 'Say why: it stands in the record.',
  confirm: 'Leave it out',
} as const;

/** What is lifted as one with what it stands on: "Inlet manifold with the head". Nothing where nothing is. */
export function keptSentence({ whole, comesOff }: JobSheet): string | null {
  const pairs = [...comesOff.kept].map(
    ([id, on]) =>
      `${withinSentence(pieceNamed(whole, headOf(id)))} with the ${withinSentence(pieceNamed(whole, headOf(on)))}`,
  );
  return pairs.length === 0 ? null : `Lifted as one: ${list([...new Set(pairs)])}.`;
}

export const scopeWords = {
  keep: 'Something stays on what it stands on?',
  keepSays: 'Lifted as one with it: its own bolts and joints are left alone, and are not renewed.',
  keepWhy: 'Why does it stay on?',
  keepWhyHint: 'e.g. its studs are seized, and its gasket is sound',
  needKeepWhy: 'Say why it stays on: it stands in the record.',
  scope: 'How far does it go?',
  pick: 'Touch what you want to get at',
  byName: 'Pick by name',
  pickHint: 'What stands on it, or closes the way to it, comes off with it.',
  needPick: 'Touch at least one piece.',
  needScope: 'Say how far it goes: that decides the cards.',
  which: (kind: ScopeKind) => (kind === 'one-head' ? 'Which head?' : 'Which cylinder?'),
  needWhich: 'Say which one.',
  because: 'What failed, by which path?',
  needBecause: 'Choose the path it failed by, or what was seen.',
  widen: 'Go further',
  widenTo: (scope: Scope) => `Go on to: ${scopeTitle(scope)}`,
  widenHint: 'What is done stays done; more cards open.',
  wider: 'Further than now',
  from: 'Now',
  why: 'Why?',
  needWhy: 'Say in a few words why: it stands in the record.',
  title: 'Scope',
} as const;
