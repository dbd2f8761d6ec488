import type { FastenedSet } from '../../../sheet/spec/fastening';
import { seenOf } from '../../checks/state';
import { runDone, runView } from '../../run/runView';
import type { RunView } from '../../run/views';
import { cylindersInScope, setsToTighten, type JobSheet } from '../../scope';
import type { JobState } from '../../state';

/** The set by which the cap of a cylinder's rod is pulled down; none where the manual alone says how. */
export function rodSet(sheet: JobSheet, cylinder: number): FastenedSet | undefined {
  return setsToTighten(sheet).find(
    ({ kind, instances }) => kind === 'rod-caps' && instances.includes(String(cylinder)),
  );
}

/** The run of a rod's cap, where it has one. */
function rodRun(
  sheet: JobSheet,
  { runs }: Pick<JobState, 'runs'>,
  cylinder: number,
  now: string,
): RunView | null {
  const set = rodSet(sheet, cylinder);
  if (!set?.programme) return null;
  const name = { set: set.id, instance: String(cylinder), programme: set.programme.id };
  return runView(sheet, name, runs, now);
}

/** Is a piston in, and its own cap on its rod? */
function isCapped({ checks }: Pick<JobState, 'checks'>, cylinder: number): boolean {
  return seenOf(checks, 'in-bore', String(cylinder), 'cap-own')?.found === 'good';
}

/**
 * Does a rod hold on to the crank: its own cap on, and pulled where a card pulls it? Until then it would let go as the
 * crank comes round.
 */
export function isRodHeld(sheet: JobSheet, state: JobState, cylinder: number): boolean {
  const run = rodRun(sheet, state, cylinder, '');
  if (!isCapped(state, cylinder)) return false;
  return run?.stages.every(({ bolts }) => bolts.every(isPulled)) ?? true;
}

/** A turn of the crank that is still due lets no cap go. */
function isPulled({ act, status }: RunView['stages'][number]['bolts'][number]): boolean {
  return act.kind === 'turn-crank' || act.kind === 'wait' || status === 'done';
}

/**
 * The rod to be pulled down before the next piston goes in: one at a time, and the crank turned after it.
 * @param now ISO time
 */
export function rodToPull(sheet: JobSheet, state: JobState, now: string): RunView | null {
  for (const cylinder of cylindersInScope(sheet)) {
    const run = isCapped(state, cylinder) ? rodRun(sheet, state, cylinder, now) : null;
    if (run && !runDone(run)) return run;
  }
  return null;
}

/** Is there a rod whose cap could be pulled, or has any been: may the card of its bolts be worked on? */
export function isAnyRodIn(sheet: JobSheet, state: JobState): boolean {
  return cylindersInScope(sheet).some((cylinder) => isCapped(state, cylinder));
}

/** The cylinder of a run that pulls a rod's cap, where its piston is not in; null otherwise. */
export function rodNotIn(
  sheet: JobSheet,
  state: JobState,
  { set, instance }: { readonly set: string; readonly instance: string },
): number | null {
  if (state.leftOut.pistons) return null;
  const cylinder = cylindersInScope(sheet).find((each) => String(each) === instance);
  if (cylinder === undefined || rodSet(sheet, cylinder)?.id !== set) return null;
  return isCapped(state, cylinder) ? null : cylinder;
}
