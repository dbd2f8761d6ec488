import type { TrayCard } from '@cardinex/core/job/standing';

/** Where a card of a job's tray is. */
export function entryHref(jobId: string, { card, set }: Pick<TrayCard, 'card' | 'set'>): string {
  return `/jobs/${jobId}/${card}${set ? `?set=${encodeURIComponent(set.id)}` : ''}`;
}
