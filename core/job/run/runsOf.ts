import { setOf } from '../../sheet/programmeOf';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { JobState } from '../state';
import { runDone, runView } from './runView';
import type { RunView } from './views';

/**
 * The runs of a set, one for each of its instances.
 * @param by the programme, where it is not the set's own
 */
export function runsOf(
  sheet: EngineSheet,
  state: JobState,
  setId: string,
  now: string,
  by?: string,
): readonly RunView[] {
  const set = setOf(sheet, setId);
  const programme = by ?? set?.programme?.id;
  if (!set || programme === undefined) return [];
  return set.instances.flatMap((instance) => {
    const view = runView(sheet, { set: set.id, instance, programme }, state.runs, now);
    return view ? [view] : [];
  });
}

/** The run to work on: the first of its set that has begun or not been closed, else the last. */
export function currentRun(runs: readonly RunView[]): RunView | null {
  return runs.find((run) => !runDone(run)) ?? runs.at(-1) ?? null;
}
