import { viewsOn } from './checks/views';
import type { TrayReason } from './trayReason';
import { boresToRemark, boresToSeal, boreIds, linersFinding, unreadBores } from './cards/liners';
import { asOldGasket, gasketFinding } from './cards/standOut';
import type { CheckCard } from './checks/check';
import { checksOn } from './checks/allChecks';
import type { JobSheet } from './scope';
import { DONE, openFor, type Standing } from './standing';
import type { JobState } from './state';

/*
 * How the cards stand on which bores, liners, crank and pistons go together.
 */

/** A card worked through as a list of checks: what is out first, then how many are done. */
export function checkedCard(sheet: JobSheet, { checks }: JobState, card: CheckCard): Standing {
  const views = viewsOn(sheet, checks, card);
  const out = views.reduce((count, { undecided }) => count + undecided.length, 0);
  if (out > 0) return openFor({ code: 'inspected-out', count: out }, true);
  const done = views.filter((view) => view.done).length;
  return done === views.length ? DONE : openFor({ code: 'to-inspect', done, of: views.length });
}

/** Has this job anything to do on a card of checks? */
export function hasChecks(sheet: JobSheet, card: CheckCard): boolean {
  return checksOn(sheet, card).length > 0;
}

export function linersCard(sheet: JobSheet, { liners }: JobState): Standing {
  if (liners.accepted) return DONE;
  const bores = boreIds(sheet);
  const unmarked = boresToRemark(liners);
  if (unmarked.length > 0) return openFor({ code: 'liners-to-mark', bores: unmarked }, true);
  const unsealed = boresToSeal(sheet, liners);
  const read = bores.length - unreadBores(sheet, liners).length;
  if (linersFinding(sheet, liners)?.overall === 'out') return openFor({ code: 'liners-out' }, true);
  const reason: TrayReason =
    read < bores.length
      ? { code: 'liners-to-read', read, of: bores.length }
      : unsealed.length > 0
        ? { code: 'liners-to-seal', left: unsealed.length }
        : { code: 'liners-to-accept' };
  return openFor(reason);
}

/** Stand-outs and rods first; then the gasket they ask for. Untouched pistons may go by the old gasket. */
export function standOutCard(sheet: JobSheet, state: JobState): Standing {
  const grades = sheet.gasket?.grades;
  if (grades && state.gasket?.by === 'old-gasket' && asOldGasket(sheet)) return DONE;
  const checked = checkedCard(sheet, state, 'stand-out');
  if (checked.status !== 'done' || !grades) return checked;
  if (state.gasket) return DONE;
  const found = gasketFinding(sheet, state.checks);
  const trouble = found === null || found.mark === null || found.clearance === 'too-close';
  return openFor({ code: 'gasket-to-choose', mark: found?.mark ?? null }, trouble);
}
