import { pieceName } from '../pieces';
import { withinSentence } from '../sentence';
import type { TrayCard } from '@cardinex/core/job/standing';
import type { CardStatus } from '@cardinex/core/job/trayReason';
import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { LeaveOut } from '@cardinex/core/job/facts/leftOut';

const TITLES: Readonly<Record<CardName | LeaveOut, string>> = {
  dead: 'Make it dead',
  mark: 'Mark',
  strip: 'Strip',
  parts: 'Parts in',
  inspect: 'Inspect',
  bores: 'Bores',
  liners: 'Liners',
  shells: 'Shells',
  bearings: 'Bearings',
  crank: 'Crank',
  pistons: 'Pistons',
  'stand-out': 'Stand-out',
  'head-build': 'Build the head',
  covering: 'Head put on',
  fit: 'Put on',
  tighten: 'Tighten',
  timing: 'Timing',
  pump: 'Pump or ignition',
  valves: 'Valves',
  recheck: 'Recheck hot',
  'after-heat': 'After heat',
  cause: 'Cause',
};

const STATUS: Readonly<Record<CardStatus, string>> = {
  open: 'Open',
  done: 'Done',
  waiting: 'Waiting',
  barred: 'Barred',
};

/** What stands on a card's tab. */
export function cardTitle(card: CardName | LeaveOut): string {
  return TITLES[card];
}

/** One of several cards of a kind: the set it tightens, or the piece it puts on. */
export function cardOfName(card: CardName, set: string | undefined): string {
  if (set === undefined) return withinSentence(cardTitle(card));
  if (card !== 'fit') return set;
  return `putting on the ${withinSentence(pieceName({ id: set }))}`;
}

/** A piece that goes on; core has the id of one that its sheet has not named. */
function fitTitle(name: string): string {
  return `${pieceName({ id: name })} on`;
}

/** A card's title in its tray: which set it tightens is said where there are several. */
export function entryTitle(entry: TrayCard, tray: readonly TrayCard[]): string {
  const several = tray.filter((other) => other.card === entry.card).length > 1;
  if (entry.card === 'fit' && entry.set) return fitTitle(entry.set.name);
  return several && entry.set ? entry.set.name : cardTitle(entry.card);
}

/** The same as it stands within a sentence: a name that the sheet gave stays as it is. */
export function entryWithin(entry: TrayCard, tray: readonly TrayCard[]): string {
  const title = entryTitle(entry, tray);
  return title === entry.set?.name ? title : withinSentence(title);
}

export function statusWord(status: CardStatus): string {
  return STATUS[status];
}
