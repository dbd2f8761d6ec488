import { isolationOf } from '@cardinex/core/job/cards/dead';
import { checkOf } from '@cardinex/core/job/cards/inspect/checksOf';
import { marksOf } from '@cardinex/core/job/cards/mark';
import { oldBoltsOf, partedOf, stripRuns } from '@cardinex/core/job/cards/strip';
import { fold } from '@cardinex/core/job/evolve';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import type { JobState } from '@cardinex/core/job/state';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { Storyteller } from './storyteller';

/*
 * The first part of a job told in strokes, so that a story can begin where it is of interest.
 */

/** How a story stands so far. */
function stateOf(story: Storyteller): JobState {
  return fold(
    story.end().acts.map((act, place) => ({ ...act, seq: place + 1, receivedAt: act.at })),
  );
}

/** The sheet a story's job works by. */
export function sheetIn(story: Storyteller, sheet: EngineSheet) {
  return sheetOfJob(sheet, stateOf(story));
}

/** Everything that makes it dead. */
export function madeDead(story: Storyteller, sheet: EngineSheet): Storyteller {
  return isolationOf(sheet).reduce(
    (told, item) => told.act('check.seen', { check: 'dead', item, found: 'good' }),
    story,
  );
}

/** Every part marked as it should be. */
export function marked(story: Storyteller, sheet: EngineSheet): Storyteller {
  return marksOf(sheetIn(story, sheet)).reduce(
    (told, { id: mark, kind, code, place }) => told.act('mark.made', { mark, kind, code, place }),
    story,
  );
}

/** Every bolt out, by jacks where they are, every head off, the bolts counted. */
export function stripped(story: Storyteller, sheet: EngineSheet): Storyteller {
  const scoped = sheetIn(story, sheet);
  const runs = stripRuns(scoped, stateOf(story), '');
  const jacks = runs.some(({ stages }) => stages.some(({ stage }) => stage.kind === 'hydraulic'));
  if (jacks) story.act('caution.acknowledged', { caution: 'hydraulics' });
  for (const { stages } of runs) {
    for (const { act } of stages.flatMap(({ bolts }) => bolts)) {
      if (act.kind === 'hydraulic') {
        story.act('stud.tensioned', { key: act.key, pass: 1, bar: act.bar ?? 0 });
      } else story.act('bolt.eased', { key: act.key, pass: 1 });
    }
  }
  for (const { item } of partedOf(scoped, stateOf(story))) {
    story.act('check.seen', { check: 'strip', item, found: 'good' });
  }
  for (const { set, group, count } of oldBoltsOf(scoped)) {
    const uses = typeof group.uses === 'object' ? { uses: 0 } : {};
    story.act('bolts.counted', { set: set.id, group: group.id, count, ...uses });
  }
  return story;
}

/** Readings of a check, item by item, each at its places in order. */
export function measured(
  story: Storyteller,
  sheet: EngineSheet,
  check: string,
  rows: Readonly<Record<string, readonly number[]>>,
): Storyteller {
  const places = checkOf(sheetIn(story, sheet), check)?.places ?? [];
  for (const [item, values] of Object.entries(rows)) {
    values.forEach((mm, nth) => {
      const place = places[nth] ?? '';
      const printed = { text: String(mm), unit: 'mm' as const };
      story.act('check.read', { check, item, ...(place !== '' && { place }), mm, printed });
    });
  }
  return story;
}
