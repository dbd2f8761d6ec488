import { setOf } from '../../../sheet/programmeOf';
import { memoizeByObject } from '../../../sheet/memoize';
import { isBegun, runDone, runView } from '../../run/runView';
import type { RunView } from '../../run/views';
import type { RunName } from '../../facts/run';
import { mainCapsOff } from '../../plan/capsApart';
import { mainJournal } from '../../../sheet/mainJournal';
import type { JobSheet } from '../../scope';
import { STRIP } from '../../slackening';
import type { JobState } from '../../state';
import { clampersOf } from '../strip/loosening';

/** A main bearing that is opened by its cap while the crank stays in. */
export interface MainCap {
  /** Its number, from the end cylinder 1 is at. */
  readonly bearing: string;
  readonly piece: string;
  /** What it is slackened by and pulled down again. */
  readonly set: string;
  readonly instance: string;
  /** It carries the thrust of the crank: opened last. */
  readonly thrust: boolean;
}

/**
 * The main caps of a job that come off one at a time, in the order they do: from the end of cylinder 1, the thrust
 * bearing last. A cap whose bolts hold others too, or have no programme, is none of them.
 * @example capsOneByOne(inFrame).map(({ bearing }) => bearing) // ['1', '2', '4', '5', '3']
 */
export const capsOneByOne = memoizeByObject((sheet: JobSheet): readonly MainCap[] => {
  const { thrust } = mainJournal(sheet) ?? {};
  const caps = mainCapsOff(sheet.whole, sheet.comesOff).flatMap(
    ({ id: piece, place: bearing }): readonly MainCap[] => {
      const [held, ...others] = clampersOf(sheet, piece);
      const alone = held?.clamps.length === 1 && others.length === 0;
      if (!held || !alone || !held.set.programme) return [];
      const { set, instance } = held;
      return [{ bearing, piece, set: set.id, instance, thrust: bearing === String(thrust) }];
    },
  );
  return [...caps.filter((cap) => !cap.thrust), ...caps.filter((cap) => cap.thrust)];
});

/** The cap that a run slackens or pulls; none for any other run. */
export function capOfRun(
  sheet: JobSheet,
  { set, instance }: Pick<RunName, 'set' | 'instance'>,
): MainCap | undefined {
  return capsOneByOne(sheet).find((cap) => cap.set === set && cap.instance === instance);
}

/** Is this set slackened and pulled cap by cap? */
export function isByTheCap(sheet: JobSheet, set: string): boolean {
  return capsOneByOne(sheet).some((cap) => cap.set === set);
}

/** Is a cap let go, or off, and not pulled down to the end again? */
export function isCapOpen(
  sheet: JobSheet,
  { runs, pieces }: Pick<JobState, 'runs' | 'pieces'>,
  { set, instance, piece }: MainCap,
): boolean {
  const isLetGo =
    pieces.off[piece] !== undefined || isBegun(runs, { set, instance, programme: STRIP });
  const pulls = capRun(sheet, { runs }, { set, instance }, '');
  return isLetGo && !(pulls && isBegun(runs, pulls.name) && runDone(pulls));
}

/**
 * The run by which a cap is pulled down.
 * @param now ISO time
 */
export function capRun(
  sheet: JobSheet,
  { runs }: Pick<JobState, 'runs'>,
  { set, instance }: Pick<MainCap, 'set' | 'instance'>,
  now: string,
): RunView | null {
  const programme = setOf(sheet, set)?.programme?.id ?? '';
  return runView(sheet, { set, instance, programme }, runs, now);
}

/** The caps that are open: more than one, and the crank hangs. */
export function openCaps(
  sheet: JobSheet,
  state: Pick<JobState, 'runs' | 'pieces' | 'leftOut'>,
): readonly MainCap[] {
  if (state.leftOut.bearings) return [];
  return capsOneByOne(sheet).filter((cap) => isCapOpen(sheet, state, cap));
}
