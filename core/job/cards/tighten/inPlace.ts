import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { isPassed } from '../../outOfOrder';
import { refusedByWait } from '../../refusedByWait';
import { currentRun } from '../../run/runsOf';
import { runDone } from '../../run/runView';
import type { RunView } from '../../run/views';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { Wait } from '../../trayReason';
import type { Verdict } from '../../verdict';
import { waitsForFit } from '../fit/standing';
import { looseningsOf } from '../strip/loosening';

/** All that one instance of a set clamps lies in place before its first pull, and so does what that goes on over. */
export function waitsInPlace(
  sheet: JobSheet,
  state: JobState,
  { set, instance }: { readonly set: string; readonly instance: string },
): readonly Wait[] {
  if (assemblyGraph(sheet.whole).assembly.assumed) return [];
  const clamps = looseningsOf(sheet)
    .filter((entry) => entry.set.id === set && entry.instance === instance)
    .flatMap((entry) => entry.clamps);
  const under = clamps.flatMap((id) => sheet.comesOff.backAfter.get(id) ?? []);
  return waitsForFit(sheet, state, [...under, ...clamps]);
}

/** May a run begin: does all it clamps lie in place, or did somebody say that it is not waited for? */
export function refusedInPlace(
  sheet: JobSheet,
  state: JobState,
  run: { readonly set: string; readonly instance: string },
): Verdict | null {
  const place = { card: 'tighten', set: run.set } as const;
  return refusedByWait(
    waitsInPlace(sheet, state, run).find((wait) => !isPassed(state, place, wait)),
  );
}

/** What a set waits for: nothing, as soon as one of its instances that is not pulled yet lies in place. */
export function waitsForAnyInPlace(
  sheet: JobSheet,
  state: JobState,
  runs: readonly RunView[],
): readonly Wait[] {
  const left = runs.filter((run) => !runDone(run));
  const waits = left.map(({ name }) => waitsInPlace(sheet, state, name));
  return waits.some(({ length }) => length === 0) ? [] : (waits[0] ?? []);
}

/** The run to work on of a set: of those not closed, one whose pieces lie in place. */
export function runToWorkOn(
  sheet: JobSheet,
  state: JobState,
  runs: readonly RunView[],
): RunView | null {
  const isReady = (run: RunView): boolean =>
    !runDone(run) && waitsInPlace(sheet, state, run.name).length === 0;
  return runs.find(isReady) ?? currentRun(runs);
}
