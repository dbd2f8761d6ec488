import type { RunView } from './views';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { DEMO_TOOL, demoTool } from '@cardinex/demo/tools';
import { turnedOver } from '@cardinex/demo/intakeStory';
import { lockside } from '@cardinex/demo/shops';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { planOf, setOf, stagesOf } from '../../sheet/programmeOf';
import { wrenchShown } from '../../tools/wrench';
import { scopedSheet } from '../scope';
import { madeDead, openedFor, refusalIn, sheetIn } from '../tests/intake';
import { stateOf, lastAt } from '../tests/story';
import { runDone, runView } from './runView';
import { capsOf } from './turns';

const MAINS = { set: 'main-caps', instance: '1', programme: 'main' } as const;

describe('the caps of a set', () => {
  const sets = demoSheets.flatMap((sheet) =>
    (sheet.fastenedSets ?? [])
      .filter(({ kind, programme }) => (kind === 'main-caps' || kind === 'rod-caps') && programme)
      .map((set) => [`${sheet.id} ${set.id}`, set] as const),
  );

  it.each(sets)(
    '%s: every fastener is of one cap, and a cap is at one place along the engine',
    (_, set) => {
      for (const { stage } of stagesOf(set)) {
        if (!('order' in stage)) continue;
        const caps = capsOf(set, stage.order);
        expect(caps.flat().sort()).toEqual([...stage.order].sort());
        if (set.instances.length > 1) expect(caps).toHaveLength(1);
      }
    },
  );

  it('stand in the order they are pulled, from the middle outwards', () => {
    const set = setOf(tolvane44, 'main-caps');
    if (!set) throw new Error('no main caps');
    const order = [5, 6, 3, 4, 7, 8, 1, 2, 9, 10].map((n) => `m${n}`);
    expect(capsOf(set, order)).toEqual([
      ['m5', 'm6'],
      ['m3', 'm4'],
      ['m7', 'm8'],
      ['m1', 'm2'],
      ['m9', 'm10'],
    ]);
  });

  it('four bolts to a cap belong together', () => {
    const fasteners = [0, 40, 200, 240].flatMap((xMm) =>
      [0, 100].map((yMm) => ({ id: `${xMm}-${yMm}`, number: '', xMm, yMm })),
    );
    const caps = capsOf(
      { instances: ['1'], fasteners },
      fasteners.map(({ id }) => id),
    );
    expect(caps.map((cap) => cap.length)).toEqual([4, 4]);
  });
});

/** The mains ready to be pulled. */
function ready(): Storyteller {
  const story = openedFor(tolvane44, { kind: 'everything' }, {});
  story.act('run.prepared', {
    run: MAINS,
    wrench: wrenchShown(demoTool(lockside, DEMO_TOOL.wrench5, new Date('2026-03-02T08:00:00Z'))),
    adapter: null,
    treatment: '',
  });
  return story;
}

function viewOf(story: Storyteller): RunView {
  const state = stateOf(story);
  const view = runView(sheetIn(story, tolvane44), MAINS, state.runs, lastAt(story));
  if (!view) throw new Error('no run');
  return view;
}

function pull(story: Storyteller, ...bolts: string[]): Storyteller {
  for (const bolt of bolts) {
    const acts = viewOf(story).current?.bolts ?? [];
    const act = acts.find((entry) => entry.act.fastener === bolt);
    if (!act) throw new Error(`${bolt} is not open`);
    const { key, nm = 0 } = act.act;
    story.act('bolt.pulled', { key, pass: act.nextPass, nm, setNm: nm, wrench: 'w' });
  }
  return story;
}

const turned = (found: 'free' | 'binds', stage: string, ...fasteners: string[]) => ({
  run: MAINS,
  stage,
  fasteners,
  found,
});

describe('after each cap', () => {
  it('the crank is turned by hand before the next is pulled', () => {
    const story = pull(ready(), 'm5');
    expect(viewOf(story).turn).toBeNull();
    pull(story, 'm6');
    expect(viewOf(story).turn).toEqual({ stage: '1/s1', fasteners: ['m5', 'm6'] });
    story.act('cap.turned', turned('free', '1/s1', 'm5', 'm6'));
    expect(viewOf(story).turn).toBeNull();
    expect(viewOf(story).next?.act.fastener).toBe('m3');
  });

  it('one that binds comes off again: its bolts are open from the first stage, the others stand', () => {
    const story = pull(ready(), 'm5', 'm6');
    story.act('cap.turned', turned('free', '1/s1', 'm5', 'm6'));
    pull(story, 'm3', 'm4').act('cap.turned', turned('binds', '1/s1', 'm3', 'm4'));
    const { next, turn, current } = viewOf(story);
    expect([next?.act.fastener, next?.nextPass, turn]).toEqual(['m3', 1, null]);
    expect(current?.bolts.filter(({ status }) => status === 'done')).toHaveLength(2);
  });

  it('found in the last stage it goes back to the first, and is turned there again', () => {
    const story = ready();
    const plan = planOf(setOf(tolvane44, 'main-caps') ?? never(), '1')?.acts ?? [];
    for (const stage of ['s1', 's2']) {
      for (const cap of [
        ['m5', 'm6'],
        ['m3', 'm4'],
        ['m7', 'm8'],
        ['m1', 'm2'],
        ['m9', 'm10'],
      ]) {
        pull(story, ...cap).act('cap.turned', turned('free', `1/${stage}`, ...cap));
      }
    }
    expect(runDone(viewOf(story))).toBe(true);
    expect(plan).toHaveLength(20);
    story.act('cap.turned', turned('binds', '1/s2', 'm9', 'm10'));
    expect(viewOf(story).stages.map(({ closed }) => closed)).toEqual([false, false]);
    pull(story, 'm9', 'm10');
    expect(viewOf(story).turn).toEqual({ stage: '1/s1', fasteners: ['m9', 'm10'] });
  });

  it('the run is not done while the last turn is open', () => {
    const story = ready();
    for (const stage of ['s1', 's2']) {
      for (const cap of [
        ['m5', 'm6'],
        ['m3', 'm4'],
        ['m7', 'm8'],
        ['m1', 'm2'],
        ['m9', 'm10'],
      ]) {
        pull(story, ...cap);
        if (stage === 's2' && cap[0] === 'm9') break;
        story.act('cap.turned', turned('free', `1/${stage}`, ...cap));
      }
    }
    expect(viewOf(story).current).toBeNull();
    expect(runDone(viewOf(story))).toBe(false);
  });

  it('nothing is asked where the programme has turns of its own', () => {
    const rods = setOf(scopedSheet(tolvane44, { kind: 'everything' }), 'rod-caps');
    expect(stagesOf(rods ?? never()).some(({ stage }) => stage.kind === 'turn-crank')).toBe(true);
  });

  it('pulling on is refused, as is a turn nobody asked for, or with the engine not dead', () => {
    const story = turnedOver(madeDead(ready(), tolvane44), 'inverted');
    for (const card of ['mark', 'strip', 'parts', 'inspect', 'bores', 'shells'] as const) {
      story.act('card.left-out', { card, words: 'done before' });
    }
    story.act('liners.accepted', {});
    pull(story, 'm5', 'm6');
    const m3 = viewOf(story).next?.act;
    const nm = m3?.nm ?? 0;
    expect(
      refusalIn(story, tolvane44, 'bolt.pulled', {
        key: m3?.key ?? '',
        pass: 1,
        nm,
        setNm: nm,
        wrench: 'w',
      }),
    ).toBe('turn-first');
    const refusal = (...cap: string[]) =>
      refusalIn(story, tolvane44, 'cap.turned', turned('free', '1/s1', ...cap));
    expect(refusal('m3', 'm4')).toBe('no-turn-due');
    expect(refusal('m5', 'm6')).toBeNull();
    story.act('check.seen', { check: 'dead', item: 'fuel-shut', found: 'not-good' });
    expect(refusal('m5', 'm6')).toBe('card-barred');
  });
});

function never(): never {
  throw new Error('no such set');
}
