import type { CardName, CardStatus } from '@cardinex/core/job/tray';

const TITLES: Readonly<Record<CardName, string>> = {
  liners: 'Liners',
  tighten: 'Tighten',
  valves: 'Valves',
  recheck: 'Recheck hot',
};

const STATUS: Readonly<Record<CardStatus, string>> = {
  open: 'Open',
  done: 'Done',
  waiting: 'Waiting',
  barred: 'Barred',
};

/** What stands on a card's tab. */
export function cardTitle(card: CardName): string {
  return TITLES[card];
}

export function statusWord(status: CardStatus): string {
  return STATUS[status];
}
