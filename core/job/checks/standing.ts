import { checksOn } from './allChecks';
import type { CheckCard } from './check';
import { viewsOn } from './views';
import type { JobSheet } from '../scope';
import { DONE, openFor, type Standing } from '../standing';
import type { JobState } from '../state';

/** A card worked through as a list of checks: what is out first, then how many are done. */
export function checkedStanding(
  sheet: JobSheet,
  { checks }: Pick<JobState, 'checks'>,
  card: CheckCard,
): Standing {
  const views = viewsOn(sheet, checks, card);
  const out = views.reduce((count, { undecided }) => count + undecided.length, 0);
  if (out > 0) return openFor({ code: 'inspected-out', count: out }, true);
  const done = views.filter((view) => view.done).length;
  return done === views.length ? DONE : openFor({ code: 'to-inspect', done, total: views.length });
}

/** Has this job anything to do on a card of checks? */
export function hasChecks(sheet: JobSheet, card: CheckCard): boolean {
  return checksOn(sheet, card).length > 0;
}
