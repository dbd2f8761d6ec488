import {
  bearingNext,
  bearingViews,
  type BearingStep,
} from '@cardinex/core/job/cards/bearings/view';
import { isTaken } from '@cardinex/core/job/checks/view';
import type { ShellWear } from '@cardinex/core/crank/shellPattern';
import { isPrepared } from '@cardinex/core/job/run/preparedFor';
import type { RunView } from '@cardinex/core/job/run/views';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { sheetIn, stateOf, strippedStep, tickOrRead, wrenchFor } from './intakeStory';
import type { Storyteller } from './storyteller';

/*
 * A crank that stays in its frame: its main bearings opened and closed one at a time.
 */

interface Told {
  /** How old shells are found; evenly worn unless given. */
  readonly wear?: Readonly<Record<string, ShellWear>>;
  /** Stops before this step. */
  readonly until?: (bearing: string, step: BearingStep) => boolean;
}

/** Every bearing, or as far as it is told. */
export function bearingsDone(
  story: Storyteller,
  sheet: EngineSheet,
  { wear = {}, until = () => false }: Told = {},
): Storyteller {
  for (;;) {
    const state = stateOf(story);
    const next = bearingNext(bearingViews(sheetIn(story, sheet), state, story.now));
    if (!next?.step || until(next.cap.bearing, next.step)) return story;
    oneStep(story, sheet, next.step, wear);
  }
}

/** One step of a bearing. */
function oneStep(
  story: Storyteller,
  sheet: EngineSheet,
  step: BearingStep,
  wear: NonNullable<Told['wear']>,
): void {
  switch (step.kind) {
    case 'off':
      strippedStep(story, step.group, step.step);
      return;
    case 'shell': {
      const how = wear[step.item] ?? 'even';
      const found = how === 'even' ? 'good' : 'not-good';
      story.act('check.seen', { check: step.view.check.id, item: step.item, found, wear: how });
      return;
    }
    case 'check': {
      const { check } = step.view;
      const { checks } = stateOf(story);
      const open = check.items
        .flatMap((item) => check.places.map((place) => ({ item, place })))
        .find(({ item, place }) => !isTaken(checks, check, item, place));
      if (!open) throw new Error(`${check.id} is out`);
      tickOrRead(story, sheetIn(story, sheet), check, open.item, open.place);
      return;
    }
    case 'pull':
      capPulled(story, sheet, step.run);
  }
}

/** The next thing on the way to a cap that is down: its run begun, one pull, or the crank turned after it. */
function capPulled(
  story: Storyteller,
  sheet: EngineSheet,
  { set, name: run, run: state, turn, next, stages }: RunView,
): void {
  if (turn) {
    const { stage, fasteners } = turn;
    story.act('cap.turned', { run, stage, fasteners, found: 'free' });
  } else if (next && isPrepared(state)) story.oneOf(next.act);
  else if (stages.some(({ stage }) => stage.kind === 'hydraulic')) story.prepareJacks(set, run);
  else story.prepare(wrenchFor(sheet, set), set, run.instance);
}
