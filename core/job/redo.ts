import { setOf } from '../sheet/programmeOf';
import { treatmentOf } from '../sheet/treatmentOf';
import { linersFinding } from './cards/liners/view';
import { markViews, strayMarks } from './cards/mark/view';
import { preparedFor } from './run/preparedFor';
import { numberOf } from './run/runView';
import { overheadView } from './cards/valves/view';
import { setsInScope, type JobSheet } from './scope';
import type { JobState } from './state';
import { runsOf } from './run/runsOf';

/** What was done and does not stand any more under other figures. */
export interface Redo {
  readonly bolts: readonly {
    readonly set: string;
    readonly instance: string;
    readonly numbers: readonly string[];
  }[];
  readonly valves: readonly string[];
  /** The liners were accepted, and are out by the other limits. */
  readonly liners: boolean;
  /** Parts marked with what would be wrong: to be marked anew; `now` null where there is no such part. */
  readonly marks: readonly { readonly was: string; readonly now: string | null }[];
  /** Pulled with something else on the threads than is now said: another clamp load. */
  readonly treatments: readonly {
    readonly set: string;
    readonly instance: string;
    readonly was: string;
    readonly now: string;
  }[];
}

/**
 * What must be done again when a job goes on by other figures: another variant of its sheet,
 * another revision, or what a leaflet says.
 * @param now ISO time
 */
export function redoOf(before: JobSheet, after: JobSheet, state: JobState, now: string): Redo {
  const bolts = setsInScope(before).flatMap(({ id, name }) => {
    const runsAfter = runsOf(after, state, id, now);
    return runsOf(before, state, id, now).flatMap((run) => {
      const other = runsAfter.find((entry) => entry.name.instance === run.name.instance);
      const standing = new Set(
        (other?.stages ?? []).flatMap((stage) =>
          stage.bolts.filter((bolt) => bolt.status === 'done').map((bolt) => bolt.act.key),
        ),
      );
      const lost = run.stages.flatMap((stage) =>
        stage.bolts.filter((bolt) => bolt.status === 'done' && !standing.has(bolt.act.key)),
      );
      const numbers = [...new Set(lost.map((bolt) => numberOf(run, bolt)))];
      return numbers.length > 0 ? [{ set: name, instance: run.name.instance, numbers }] : [];
    });
  });
  const treatments = setsInScope(before).flatMap((set) => {
    const sentence = treatmentOf(setOf(after, set.id) ?? set);
    if (sentence === treatmentOf(set)) return [];
    return runsOf(before, state, set.id, now).flatMap((run) => {
      const was = preparedFor(run.run, undefined)?.treatment;
      const pulled = run.stages.some((stage) => stage.bolts.some((b) => b.status === 'done'));
      return pulled && was !== undefined && was !== sentence
        ? [{ set: set.name, instance: run.name.instance, was, now: sentence }]
        : [];
    });
  });
  const done = (sheet: JobSheet): readonly string[] =>
    (overheadView(sheet, state.valves, state.crank, 'cold')?.items ?? [])
      .filter(({ done }) => done)
      .map(({ item }) => item.id);
  const stillDone = new Set(done(after));
  return {
    bolts,
    marks: markedWrong(before, after, state),
    treatments,
    valves: done(before).filter((valve) => !stillDone.has(valve)),
    liners:
      state.liners.accepted !== null &&
      linersFinding(before, state.liners)?.overall === 'within' &&
      linersFinding(after, state.liners)?.overall === 'out',
  };
}

/** Marks that say what they should now, and would not after. */
function markedWrong(before: JobSheet, after: JobSheet, { marks }: JobState): Redo['marks'] {
  if (marks.length === 0) return [];
  const wrongNow = new Set(
    markViews(before, marks)
      .filter(({ translated }) => translated)
      .map(({ made }) => made),
  );
  const anew = markViews(after, marks)
    .filter(({ made, translated }) => translated && !wrongNow.has(made))
    .map(({ made, mark }) => ({ was: made?.code ?? '', now: mark.code }));
  const strayNow = new Set(strayMarks(before, marks));
  const stray = strayMarks(after, marks)
    .filter((made) => !strayNow.has(made))
    .map(({ code }) => ({ was: code, now: null }));
  return [...anew, ...stray];
}
