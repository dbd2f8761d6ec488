import { setOf } from '../../../sheet/programmeOf';
import type { Card, Entry, JobNow } from '../../kit/card';
import { runsOf } from '../../run/runsOf';
import { runDone } from '../../run/runView';
import { DONE, waitingFor, type Standing } from '../../standing';
import type { Wait } from '../../trayReason';
import { stillIn } from '../../waits';
import { cureWaits } from '../fit/clocks';
import { waitsForFit } from '../fit/standing';
import { wayShut } from '../fit/way';
import { runsStanding } from '../tighten/standing';
import { AFTER_HEAT, afterHeatFrom, afterHeatOf, setsAfterHeat } from './programme';

/** Sets pulled again once the engine has been hot. */
export const afterHeatCard: Card<'after-heat'> = {
  name: 'after-heat',
  places: [],
  entries: ({ sheet }) =>
    setsAfterHeat(sheet).map(({ id, name }) => ({ card: 'after-heat', set: { id, name } })),
  waitsFor,
  stands: standing,
};

/** It is run with everything on and nothing left in; then what shuts the fasteners comes off again. */
function waitsFor(job: JobNow, entry: Entry): readonly Wait[] {
  const { sheet, state } = job;
  if (!state.heat)
    return [
      ...waitsForFit(sheet, state, sheet.comesOff.back),
      ...stillIn(state, 'start'),
      ...cureWaits(sheet, state, 'run', () => job.now),
    ];
  const set = setOf(sheet, entry.set?.id ?? '');
  const asked = set && afterHeatOf(set);
  const isCool = asked && Date.parse(afterHeatFrom(asked, state.heat)) <= Date.parse(job.now);
  return isCool ? wayShut(sheet, state, 'pull-again') : [];
}

/** Waits for the engine to be run hot, then to be cold again; then it is a run like another. */
function standing({ sheet, state, now }: JobNow, entry: Entry): Standing {
  const set = setOf(sheet, entry.set?.id ?? '');
  const asked = set && afterHeatOf(set);
  if (!asked) return DONE;
  const runs = runsOf(sheet, state, set.id, now, AFTER_HEAT);
  if (runs.every(runDone)) return DONE;
  if (!state.heat) return waitingFor({ code: 'heat-first' });
  const until = afterHeatFrom(asked, state.heat);
  if (Date.parse(until) > Date.parse(now)) {
    return waitingFor({ code: 'cooling', until });
  }
  return runsStanding(sheet, state, runs, now);
}
