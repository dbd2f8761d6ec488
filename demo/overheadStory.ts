import { overheadView } from '@cardinex/core/job/cards/valves/view';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { sheetIn, stateOf } from './intakeStory';
import type { Storyteller } from './storyteller';

/** Every gap of the overhead set to what is aimed at, position by position, on an engine set by screws. */
export function overheadSet(story: Storyteller, sheet: EngineSheet): Storyteller {
  for (;;) {
    const state = stateOf(story);
    const view = overheadView(sheetIn(story, sheet), state.valves, state.crank, 'cold');
    if (view?.again === 'due') story.act('gaps.turned', { leftOut: 'Felt once more elsewhere.' });
    if (!view?.next) return story;
    story.act('crank.stood', { atDeg: view.next.atDeg, seen: 'as it should be' });
    const current = new Set(view.next.set.map(({ id }) => id));
    for (const { item, target, rodNext } of view.items.filter((entry) =>
      current.has(entry.item.id),
    )) {
      const mm = target?.aimMm ?? 0;
      if (rodNext) story.act('push-rod.seen', { valve: item.id, found: 'seated' });
      story.valve(item.id, mm, mm, mm);
    }
  }
}
