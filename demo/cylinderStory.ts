import { rowsOfPiece } from '@cardinex/core/job/cards/fit/standing';
import { FIT_ON } from '@cardinex/core/job/cards/fit/steps';
import { ON_ROD, ringOfItem } from '@cardinex/core/job/cards/pistons/checks';
import { checkOf, checksOn } from '@cardinex/core/job/checks/allChecks';
import { isTaken } from '@cardinex/core/job/checks/view';
import { temporaryPartsIn } from '@cardinex/core/job/register';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import type { Side } from '@cardinex/core/job/facts/run';
import { onSide, runView } from '@cardinex/core/job/run/runView';
import type { RunView } from '@cardinex/core/job/run/views';
import { stageToSet } from '@cardinex/core/job/run/stageSet';
import { fitSeen, sheetIn, stateOf, tickOrRead } from './intakeStory';
import { crewMember, lockside } from './shops';
import { DEMO_TOOL } from './tools';
import { typed, type Storyteller } from './storyteller';

/*
 * An engine of separate cylinders going together: rods, the case over them, pistons on their rods, cylinders over them.
 */

/** A piece put on at one place, step by step; up to a step, or as far as it goes. */
export function pieceOn(
  story: Storyteller,
  sheet: EngineSheet,
  instance: string,
  until?: string,
): Storyteller {
  const [piece = ''] = instance.split('/');
  for (;;) {
    const row = rowsOfPiece(sheetIn(story, sheet), stateOf(story), piece).find(
      ({ row: { instances } }) => instances.includes(instance),
    );
    if (row?.stands !== 'open' || !row.next || row.next.id === until) return story;
    story.act('check.seen', fitSeen(row.row, row.next));
  }
}

/** Every rod on the crank, and the case closed over them. */
export function caseClosed(story: Storyteller, sheet: EngineSheet): Storyteller {
  const order = sheetIn(story, sheet).comesOff.back;
  const inCase = order.filter((id) => /^(rod|case-half)\//.test(id));
  return inCase.reduce((so, instance) => pieceOn(so, sheet, instance), story);
}

/** Plates over the ends of through bolts whose cylinders are off. */
export function plated(story: Storyteller): Storyteller {
  return story.act('temporary-part.put-in', {
    part: `plates-${story.now}`,
    kind: 'case-clamp',
    what: 'Plates on the through bolts',
    where: 'at the cylinder openings',
    bars: 'start',
  });
}

/** What is done to pistons on the bench, each reading at the low end of what the book prints. */
export function pistonsOnBench(story: Storyteller, sheet: EngineSheet): Storyteller {
  const scoped = sheetIn(story, sheet);
  for (const check of checksOn(scoped, 'pistons').filter(({ id }) => id !== ON_ROD))
    for (const item of check.items)
      for (const place of check.places) {
        if (isTaken(stateOf(story).checks, check, item, place)) continue;
        if (check.way === 'weighed') {
          story.act('piece.weighed', { check: check.id, item, grams: 1210, text: '1210' });
        } else if (check.way === 'read') {
          const { gap, sideClearance } = ringOfItem(scoped, item).ring ?? {};
          const mm = (check.kind === 'ring-gaps' ? gap?.low : sideClearance?.low)?.value ?? 0;
          const at = { check: check.id, item, ...(place !== '' && { place }) };
          story.act('check.read', { ...at, mm, printed: typed(mm) });
        } else tickOrRead(story, scoped, check, item, place);
      }
  return story;
}

/** A piston on its rod, its pin held; the crank brought there first. */
export function pistonHung(story: Storyteller, sheet: EngineSheet, cylinder: number): Storyteller {
  for (const step of checkOf(sheetIn(story, sheet), ON_ROD)?.places ?? [])
    story.act('check.seen', { check: ON_ROD, item: String(cylinder), step, found: 'good' });
  return story;
}

/** A cylinder over its piston, what stood in its place taken out first. */
export function cylinderOn(story: Storyteller, sheet: EngineSheet, cylinder: number): Storyteller {
  const instance = `cylinder/${cylinder}`;
  pieceOn(story, sheet, instance, FIT_ON);
  for (const { id } of temporaryPartsIn(stateOf(story).register))
    story.act('temporary-part.taken-out', { part: id });
  return pieceOn(story, sheet, instance);
}

const PAIR = { set: 'cylinder-base', instance: '1-2', programme: 'main' } as const;

/** Who pulls from each side, and with what. */
const HANDS: Readonly<Record<Side, { readonly member: string; readonly wrench: string }>> = {
  near: { member: 'TR', wrench: DEMO_TOOL.wrench3 },
  far: { member: 'WH', wrench: DEMO_TOOL.wrench4 },
};

/** The first stage of two opposite cylinders by two people, and one end of the first through bolt. */
export function pulledByTwo(story: Storyteller, sheet: EngineSheet, end: Side): Storyteller {
  const set = setOf(sheetIn(story, sheet), PAIR.set);
  if (!set) throw new Error('no cylinder is held by nuts');
  const viewOf = (): RunView => {
    const view = runView(sheetIn(story, sheet), PAIR, stateOf(story).runs, story.now);
    if (!view) throw new Error('the two are no pair');
    return view;
  };
  const as = (side: Side): Storyteller =>
    story.by(crewMember(lockside, HANDS[side].member)).take(HANDS[side].wrench);
  for (const side of ['near', 'far'] as const)
    as(side).prepare(HANDS[side].wrench, set, PAIR.instance, side);
  const [first] = viewOf().stages;
  for (const side of ['near', 'far'] as const)
    for (const { act } of onSide(first?.bolts ?? [], side)) as(side).oneOf(act);
  const asked = stageToSet(viewOf(), lockside.device, end);
  if (asked) {
    const { stage, values, settingsNm } = asked;
    as(end).act('stage.set', { run: PAIR, stage, values, settingsNm, side: end });
  }
  const { next } = viewOf();
  return next ? as(end).oneOf(next.act, end) : story;
}
