import type { PassedWait } from '@cardinex/core/job/facts/outOfOrder';
import type { CardPlace } from '@cardinex/core/job/kit/cardPlace';
import type { JobSheet } from '@cardinex/core/job/scope';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import type { CardName } from '@cardinex/core/job/facts/cardName';
import { standsName } from './attitude';
import { cardOfName, cardTitle } from './cards/names';
import { withinSentence } from './sentence';
import { assemblyActName, pieceNamed } from './pieces';
import { date } from './kit';
import { listed } from './quantity';

/** A card as the record names it: "Rocker cover on", "Tighten, Head bolts". */
export function placeTitle(sheet: JobSheet, { card, set }: CardPlace): string {
  if (set === undefined) return cardTitle(card);
  if (card === 'fit') return `${pieceNamed(sheet.whole, set)} on`;
  return `${cardTitle(card)}, ${setOf(sheet, set)?.name ?? set}`;
}

/** A day that has no hour: noon of it, which is the same day nearly everywhere. */
export function dayOf(day: string): string {
  return date(`${day}T12:00:00Z`);
}

/** What is passed over, as it stands within a sentence. */
export function passedNames(despite: readonly PassedWait[]): string {
  return listed([...new Set(despite.map(passedName))]);
}

function passedName(pass: PassedWait): string {
  if ('part' in pass) return pass.part;
  if ('clock' in pass) return `${withinSentence(pass.clock)} to set`;
  return 'turnOver' in pass
    ? `the engine to stand ${standsName(pass.turnOver)}`
    : cardOfName(pass.card, pass.set);
}

/** What will be shut in by going on; none where nothing is. */
export function shutInSentence(despite: readonly PassedWait[]): string | null {
  const acts = despite.flatMap((pass) =>
    'card' in pass && pass.shuts !== undefined ? [assemblyActName(pass.shuts)] : [],
  );
  return acts.length === 0
    ? null
    : `This shuts in ${listed([...new Set(acts)])}: it comes off again for that, with a new joint.`;
}

export const outOfOrderWords = {
  button: 'Go on out of order',
  title: 'Go on out of order?',
  says: (despite: readonly PassedWait[]) => `Not waited for: ${passedNames(despite)}.`,
  label: 'Why?',
  hint: 'e.g. the part comes on Thursday; the book has it the other way round',
  need: 'Say why: it stands in the record.',
  confirm: 'Go on',
} as const;

export const wayWords = {
  inTheWay: 'First off again',
  opened: 'It is all off',
  hasRun:
    'It has run: make it dead again first, with a tag on the controls. Metal and water may still be hot.',
  how: 'Off as it came off first. It goes on again by its own card, with its joints, once this is done.',
} as const;

export const putOffWords = {
  button: 'Put this card off',
  title: (card: CardName) => `${cardTitle(card)}: put off?`,
  says: 'It stands aside until it is taken up. What comes after it waits, or is gone on with out of order.',
  label: 'Why?',
  hint: 'e.g. the gasket comes on Thursday',
  need: 'Say why: it stands in the record.',
  until: 'Until when, if that is known',
  untilHint: 'e.g. 2026-12-03',
  needDate: 'A date is wanted here, as 2026-12-03; or nothing.',
  confirm: 'Put it off',
  takeUp: 'Take it up again',
  put: (words: string, until: string | undefined) =>
    until === undefined ? `Put off: ${words}` : `Put off until ${dayOf(until)}: ${words}`,
} as const;
