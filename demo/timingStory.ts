import {
  pinAsTemporaryPart,
  timingView,
  type TimingStep,
} from '@cardinex/core/job/cards/timing/view';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { sheetIn, stateOf, wrenchFor } from './intakeStory';
import type { Storyteller } from './storyteller';

/** One step of setting the timing, as it should go. */
export function timingStep(story: Storyteller, sheet: EngineSheet, step: TimingStep): Storyteller {
  switch (step.kind) {
    case 'line':
      for (const place of step.check.places) {
        const printed = { text: '0.1', unit: 'mm' as const };
        story.act('check.read', { check: step.check.id, item: 'line', place, mm: 0.1, printed });
      }
      return story;
    case 'look':
      return story.act('check.seen', { check: step.check.id, item: step.item, found: 'good' });
    case 'pin-in':
    case 'tensioner-in':
      return story.act('temporary-part.put-in', {
        part: `pin-${story.end().acts.length}`,
        ...pinAsTemporaryPart(step.what, step.kind),
      });
    case 'pin-out':
    case 'tensioner-out':
      return story.act('temporary-part.taken-out', { part: step.part?.id ?? '' });
    case 'pull':
      for (const instance of step.set.instances)
        story.wholeRun(step.set, instance, wrenchFor(sheet, step.set));
      return story;
  }
}

/** The timing set from its first step to its last; or up to the first step that `until` names. */
export function timed(
  story: Storyteller,
  sheet: EngineSheet,
  until: (step: TimingStep) => boolean = () => false,
): Storyteller {
  for (;;) {
    const next = timingView(sheetIn(story, sheet), stateOf(story))?.next;
    if (!next || until(next)) return story;
    timingStep(story, sheet, next);
  }
}
