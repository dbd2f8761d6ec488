import type { Check } from '@cardinex/core/job/checks/check';

/** Where a check of a card is worked on. */
export function checkHref(jobId: string, { id, card }: Pick<Check, 'id' | 'card'>): string {
  return `/jobs/${jobId}/${card}?check=${encodeURIComponent(id)}`;
}

/** Where all checks of a card are listed; those of the liners stand on the page that places them. */
export function checksHref(jobId: string, { card, set }: Pick<Check, 'card' | 'set'>): string {
  if (card === 'tighten') return `/jobs/${jobId}/${card}?set=${set ?? ''}`;
  return `/jobs/${jobId}/${card}${card === 'liners' ? '?part=place' : ''}`;
}
