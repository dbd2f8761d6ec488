import type { OffGroup, OldBolts } from '@cardinex/core/job/cards/strip/view';
import type { PieceCondition } from '@cardinex/core/job/facts/pieces';
import type { JobSheet } from '@cardinex/core/job/scope';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import type { EasesSpec } from '@cardinex/core/sheet/spec/assembly';
import { atStart, list } from '../kit';
import { connectionSentence, heldSentence, liftSentence } from '../pieceLines';
import { pieceNamed, referenceName, severalOf } from '../pieces';
import { withinSentence } from '../sentence';

const CONDITIONS: Readonly<Record<PieceCondition, string>> = {
  sound: 'Sound',
  worn: 'Worn',
  damaged: 'Damaged',
  loose: 'Found loose',
  absent: 'Was off already',
};

/** How a piece was found, as it is chosen. */
export function conditionName(found: PieceCondition): string {
  return CONDITIONS[found];
}

/** The same within a line of the record. */
export function conditionWord(found: PieceCondition): string {
  return withinSentence(CONDITIONS[found]);
}

/** What a group of pieces is called, and which of it are meant: "Injectors", "1, 2, 3". */
export function offName(
  { whole }: JobSheet,
  { piece }: OffGroup,
  instances: readonly string[],
): { readonly name: string; readonly places: string } {
  const places = severalOf(whole, piece.id)
    ? instances.map((id) => id.slice(piece.id.length + 1)).join(', ')
    : '';
  return { name: pieceNamed(whole, piece.id), places };
}

/** What it comes off for: "To get at the head." Nothing for what the job is out to get at. */
export function offWhy({ whole, comesOff }: JobSheet, { instances }: OffGroup): string | null {
  const because = instances.flatMap((id) => comesOff.because.get(id) ?? []);
  const names = [...new Set(because.map(headOf))].map(
    (id) => `the ${withinSentence(pieceNamed(whole, id))}`,
  );
  return names.length === 0 ? null : `To get at ${list(names)}.`;
}

/** What holds it, what is undone at it, how it is lifted, where it is never marked. */
export function offLines({ piece }: OffGroup): readonly string[] {
  const { heldBy = [], connections = [], lift, mark, material } = piece;
  return [
    ...heldBy.map((held) => `Held: ${withinSentence(heldSentence(held))}.`),
    ...connections.map((line) => `Undo, and cap both ends: ${connectionSentence(line)}.`),
    ...(lift ? [`Lift: ${liftSentence(lift)}.`] : []),
    ...(mark?.never === undefined ? [] : [`Never mark: ${withinSentence(mark.never)}.`]),
    ...(material?.never === undefined ? [] : [`${atStart(material.is)}: never ${material.never}.`]),
  ];
}

/** What comes off as one with these: "Lifts with it: Inlet manifold, bolted on as it is." Nothing where nothing does. */
export function liftsWith(
  { whole, comesOff }: JobSheet,
  instances: readonly string[],
): string | null {
  const names = [...comesOff.kept]
    .filter(([, on]) => instances.includes(on))
    .map(([id]) => referenceName(whole, id));
  return names.length === 0 ? null : `Lifts with it, bolted on as it is: ${list(names)}.`;
}

/** What stays and is eased, how, and what must be done on it again. */
export function easeSentence(
  { whole }: JobSheet,
  { piece, line }: { readonly piece: string; readonly line: EasesSpec | undefined },
): string {
  const name = referenceName(whole, piece);
  if (!line) return `${name}: eased, it stays.`;
  const again = (line.again ?? []).map((what) => AGAIN[what]);
  const then = again.length > 0 ? ` Afterwards: ${list(again)}.` : '';
  const fasteners = line.fasteners === undefined ? '' : ` (${line.fasteners})`;
  return `${name}: ${line.how}${fasteners}. It stays.${then}`;
}

const AGAIN = {
  pull: 'pulled again',
  'new-joint': 'a new joint',
  'prove-timing': 'its timing proved',
} as const;

/** What is still on and comes off first. */
export function stillOn({ whole }: JobSheet, pieces: readonly string[]): string {
  return `Still on, and off first: ${list([...new Set(pieces.map((id) => withinSentence(pieceNamed(whole, id))))])}.`;
}

/** How many of which old bolts, and what becomes of them. */
export function oldBoltsSentence({ group, count, spent }: OldBolts): string {
  const { uses } = group;
  const then = spent
    ? 'spent: not to be used again. Keep them until the new ones lie beside them.'
    : uses === 'until-limit'
      ? 'they go in again if they are within their length.'
      : typeof uses === 'object'
        ? `to be used ${uses.most} times at most. Look for marks of earlier uses.`
        : '';
  return `${count} of them; ${then}`;
}

export const stripWords = {
  offTitle: (name: string) => `Off: ${name}`,
  counts: (done: number, total: number) => `${done} of ${total}`,
  inHand: (places: string) => `Number ${places}`,
  laid: 'Laid in the rack, in order',
  laidWhy: 'Ends of the rack marked first; each lies as it stood.',
  marked: 'Marked and bagged',
  marksFirst: 'Mark first, while it is in its place',
  eased: 'It is eased',
  easeFirst: 'Ease first what stays',
  slacken: (set: string) => `To the bolts: ${set}`,
  found: (isOff: string) => `${isOff}. How was it found?`,
  foundFirst: 'Say how it was found. Nothing is taken for sound.',
  whatIsIt: 'What is wrong with it?',
  whatHint: 'e.g. cracked at the second bolt',
  wetOff:
    'Break its seal by a small turn sideways, never by a straight lift: the liners would come with it. Two people, or tackle and straight slings. Nobody beneath it; hands out of the gap.',
  dryOff: 'Two people, or tackle and straight slings. Nobody beneath it; hands out of the gap.',
  isOff: 'It is off',
  areOff: 'They are off',
  unclamp: 'They are still held down. With the pistons out, nothing lifts them any more.',
  takenOut: (what: string) => `Taken out: ${what}`,
  whole: 'What comes off',
  clamp: 'Clamp the liners',
  clampWhy:
    'Until they are held down, the crank must not move: a liner that lifts takes its seals with it.',
  clamped: 'Liners are clamped',
  clampWhat: 'Liner clamps',
  clampWhere: 'on the deck, over every liner',
  count: 'Count the old bolts',
  counted: (count: number) => `${count} in the bag`,
  countField: (name: string) => `${name}: how many came out?`,
  usesField: 'How often had they been used before?',
  keep: 'Counted into the bag',
  done: 'All off, all counted.',
  slackenTitle: (set: string) => `Slacken: ${set}`,
  reverse: 'In reverse of the tightening order, in steps.',
  hydraulics:
    'Oil under pressure: gauge, hoses and couplings looked at, nobody in line with a stud, eyes covered. A leak is never felt for with a hand. An injection wound, however small, is an emergency: to hospital at once.',
  hydraulicsRead: 'Read. Nobody is in line.',
  letUp: 'All let up',
  letUpAsk: 'Let up, each by',
  runBack: 'Run the nut back',
  runBackAsk: 'Pump up, then back with the nut',
  back: [
    'Each piece comes off once nothing stands on it and nothing shuts it. The picture shows what is off, what is next and what waits; touch a piece to take it in hand.',
    'What must be told apart is marked before its last bolt is out.',
    'Bolts let go at one end first bend what they clamped. They come off in the reverse of the order they went on, in steps.',
    'Studs that were stretched by jacks are stretched by jacks again: a spanner cannot turn those nuts.',
    'Old bolts are counted. One missing from the bag is somewhere in the engine.',
  ],
} as const;
