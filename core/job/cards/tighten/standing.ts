import { cardOfRun } from '../../run/runKey';
import { isPrepared } from '../../run/preparedFor';
import { runDone } from '../../run/runView';
import type { RunView } from '../../run/views';
import type { JobSheet } from '../../scope';
import { DONE, openFor, type Standing } from '../../standing';
import type { JobState } from '../../state';
import { coveringView } from './covering';
import { runToWorkOn } from './inPlace';

/**
 * How the runs of a set stand: the one in hand, and what is next on it.
 * @param runs the set's, one for each of its instances
 */
export function runsStanding(
  sheet: JobSheet,
  state: JobState,
  runs: readonly RunView[],
  now: string,
): Standing {
  const view = runToWorkOn(sheet, state, runs);
  if (!view || runDone(view)) return DONE;
  const number = (fastener: string): string | null =>
    view.set.fasteners.find((f) => f.id === fastener)?.number ?? null;
  if (view.turn) {
    const bolts = view.turn.fasteners.map((id) => number(id) ?? id).join(', ');
    return openFor({ code: 'turn-crank', bolts });
  }
  if (!view.current) return DONE;
  const stage = view.stages.indexOf(view.current) + 1;
  const instance = runs.length > 1 ? { instance: view.name.instance } : {};
  const contested = view.current.bolts.find((bolt) => bolt.status === 'contested');
  if (contested) {
    const bolt = number(contested.act.fastener) ?? '';
    return openFor({ code: 'contested', bolt }, true);
  }
  const first = cardOfRun(view.name) === 'tighten' && !isPrepared(view.run);
  const covering = first ? coveringView(sheet, state, view.name, now) : null;
  if (covering?.next) {
    const step = covering.next === covering.looked ? 'look' : 'on';
    const out = covering.next.undecided.length > 0;
    return openFor({ code: 'to-cover', step, ...instance }, out);
  }
  if (!isPrepared(view.run)) return openFor({ code: 'run-to-prepare', ...instance });
  if (view.sweeping && view.current.lastAt) {
    return openFor({ code: 'sweep-first', stage, lastAt: view.current.lastAt }, true);
  }
  const bolt = number(view.next?.act.fastener ?? '');
  return openFor({ code: 'bolt-next', bolt, stage, ...instance });
}
