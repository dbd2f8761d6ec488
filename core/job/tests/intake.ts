import { firstVariant, sheetHash } from '@cardinex/demo/jobs';
import { lockside } from '@cardinex/demo/shops';
import { Storyteller } from '@cardinex/demo/storyteller';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { Act, ActData, ActType } from '../act';
import { isolationOf } from '../cards/dead';
import { checkOf } from '../cards/inspect/checksOf';
import { marksOf } from '../cards/mark';
import { oldBoltsOf, partedOf, stripRuns } from '../cards/strip';
import { decide, type DecideContext } from '../decide';
import type { Scope } from '../scope';
import { sheetOfJob } from '../sheetOfJob';
import { trayOf, type CardName, type TrayCard } from '../tray';
import { after, stateOf, STARTS, tobin } from './told';

/** A job of a scope on any engine, opened by Tobin at eight in the morning. */
export function openedFor(
  sheet: EngineSheet,
  scope: Scope,
  variant = firstVariant(sheet),
): Storyteller {
  return new Storyteller(lockside, 'a-job', sheet, STARTS, tobin).act('job.opened', {
    sheet: { id: sheet.id, revision: sheet.revision, hash: sheetHash(sheet) },
    serial: '1',
    name: 'test engine',
    why: 'a test',
    cylinder1End: sheet.cylinder1End,
    variant,
    scope,
    because: 'overheated',
  });
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

/** A card of a story's tray. */
export function cardIn(story: Storyteller, sheet: EngineSheet, card: CardName): TrayCard {
  const state = stateOf(story);
  const found = trayOf(sheet, state, state.log.at(-1)?.at ?? '').find((one) => one.card === card);
  if (!found) throw new Error(`no card ${card}`);
  return found;
}

/** Why one more act would be refused; null when it would not. */
export function refusalIn<T extends ActType>(
  story: Storyteller,
  sheet: EngineSheet,
  type: T,
  data: ActData[T],
  member: Partial<DecideContext['member']> = {},
): string | null {
  const act: Act = after(story, type, data);
  const verdict = decide(stateOf(story), act, {
    now: act.at,
    sheet,
    member: { id: act.by, role: 'mechanic', fresh: false, ...member },
  });
  return verdict.ok ? null : verdict.refusal.code;
}
