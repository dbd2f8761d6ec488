import type { CardStatus, TrayReason } from './trayReason';
import type { TrayCard } from './standing';

/** A job's cards by what they ask of whoever stands before the engine. */
export interface TrayGroups {
  /** To be worked on, or to be decided by a person before anything else. */
  readonly now: readonly TrayCard[];
  /** Held up by time, by heat, by a part or by something left in the engine. */
  readonly waits: readonly TrayCard[];
  /** Not yet: other cards come first. */
  readonly ahead: readonly TrayCard[];
  readonly done: readonly TrayCard[];
}

/**
 * Sorts the cards of a tray into what is to do now, what waits, what lies ahead and what is done; each
 * group in the order of work.
 * @param tray all cards of one job
 * @example
 * trayGroups(tray).now.map((entry) => entry.card) // → ['liners', 'crank']
 */
export function trayGroups(tray: readonly TrayCard[]): TrayGroups {
  const groups = {
    now: [] as TrayCard[],
    waits: [] as TrayCard[],
    ahead: [] as TrayCard[],
    done: [] as TrayCard[],
  };
  for (const entry of tray) groups[groupOf(entry)].push(entry);
  return groups;
}

/** Is nothing wrong with a card but that another has to be done before it? */
export function isOnlyAhead(entry: TrayCard): boolean {
  return entry.reason.code === 'card-first' || entry.reason.code === 'cause-last';
}

/** Does it wait for a person, to decide something or to take off what is in its way? */
export function isToSeeTo({ reason }: TrayCard): boolean {
  return (
    reason.code === 'differences-open' ||
    reason.code === 'decision-pending' ||
    isPutRightOnIt(reason)
  );
}

/** Is what holds a card up put right on that card: something in its way taken off, the engine turned over for it? */
export function isPutRightOnIt({ code }: TrayReason): boolean {
  return code === 'way-shut' || code === 'turn-over';
}

/** How a card is shown to stand: one that only time holds up waits, though nothing may be done on it meanwhile. */
export function shownStatus({ status, reason }: TrayCard): CardStatus {
  return reason.code === 'clock' ? 'waiting' : status;
}

/** Does a bead lie open, with its time running or over? */
export function isAboutBead({ reason: { code } }: TrayCard): boolean {
  return code === 'close-by' || code === 'not-closed-yet' || code === 'bead-too-old';
}

function groupOf(entry: TrayCard): keyof TrayGroups {
  if (entry.status === 'done') return 'done';
  if (entry.status === 'open' || isToSeeTo(entry)) return 'now';
  // The cause waits from the day a job is opened; what a sheet lacks holds nobody up until it is reached.
  return isOnlyAhead(entry) || entry.reason.code === 'sheet-lacks' ? 'ahead' : 'waits';
}
