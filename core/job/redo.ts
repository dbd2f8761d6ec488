import type { EngineSheet } from '../sheet/engineSheet';
import { linersFinding } from './cards/liners';
import { numberOf } from './cards/tighten';
import { overheadView } from './cards/valves';
import { topEndSets } from './lacks';
import type { JobState } from './state';
import { runsOf } from './tray';

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
}

/**
 * What must be done again when a job goes on by other figures: another variant of its sheet, or
 * another revision.
 * @param now ISO time
 */
export function redoOf(
  before: EngineSheet,
  after: EngineSheet,
  state: JobState,
  now: string,
): Redo {
  const bolts = topEndSets(before).flatMap(({ id, name }) => {
    const runsAfter = runsOf(after, state, id, now);
    return runsOf(before, state, id, now).flatMap((run) => {
      const other = runsAfter.find((one) => one.name.instance === run.name.instance);
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
  const done = (sheet: EngineSheet): readonly string[] =>
    (overheadView(sheet, state.valves, state.crank, 'cold')?.valves ?? [])
      .filter((valve) => valve.done)
      .map((valve) => valve.valve.id);
  const stillDone = new Set(done(after));
  return {
    bolts,
    valves: done(before).filter((valve) => !stillDone.has(valve)),
    liners:
      state.liners.accepted !== null &&
      linersFinding(before, state.liners)?.overall === 'within' &&
      linersFinding(after, state.liners)?.overall === 'out',
  };
}

/** Does everything done so far stand? */
export function isNothing({ bolts, valves, liners }: Redo): boolean {
  return bolts.length === 0 && valves.length === 0 && !liners;
}
