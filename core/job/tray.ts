import type { EngineSheet } from '../sheet/engineSheet';
import type { TrayCard } from './standing';
import { standingsOf } from './standings';
import { isOnlyAhead, isToSeeTo } from './trayGroups';
import type { JobState } from './state';

/**
 * A job's cards in the order of work, each with where it stands and why: the cards this engine
 * needs and no others. What the sheet does not say at all still has its card, barred, so that
 * nobody takes its absence for "not needed".
 * @param pinned the revision the job is pinned to
 * @param now ISO time; a run left too long asks to be swept
 */
export function trayOf(pinned: EngineSheet, state: JobState, now: string): readonly TrayCard[] {
  const { planned, of } = standingsOf(pinned, state, now);
  return planned.map((entry, place) => {
    const { after: _, ...named } = entry;
    return { number: place + 1, ...named, ...of(entry) };
  });
}

/** Is there nothing left to do on this job? */
export function isFinished(tray: readonly TrayCard[]): boolean {
  return tray.every((card) => card.status === 'done');
}

/**
 * The card to work on: the first that is open; else one that somebody has to decide about; else one that waits;
 * else the one that bars the rest, never one that only comes after it. Null on a job with nothing left to do.
 */
export function currentCard(tray: readonly TrayCard[]): TrayCard | null {
  const left = tray.filter((card) => card.status !== 'done');
  return (
    left.find(({ status }) => status === 'open') ??
    left.find(isToSeeTo) ??
    // The cause waits from the day a job is opened: it is never what keeps the rest.
    left.find(({ status, reason }) => status === 'waiting' && reason.code !== 'cause-last') ??
    left.find((entry) => !isOnlyAhead(entry)) ??
    left[0] ??
    null
  );
}
