import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { DEMO_TOOL, demoTool } from '@cardinex/demo/tools';
import { lockside } from '@cardinex/demo/shops';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { setOf } from '../../sheet/programmeOf';
import { wrenchShown } from '../../tools/wrench';
import { LEAVE_OUT } from '../facts/leftOut';
import type { ActData, ActType } from '../act';
import type { Side, WrenchShown } from '../facts/run';
import { jobOf, lastAt } from '../tests/story';
import { madeDead, openedFor, refusalIn, sheetIn } from '../tests/intake';
import { wrenchSettingNm } from './wrenchSetting';
import { isByTwo, preparedFor, toLetBack } from './preparedFor';
import { nextOf, onSide, runView } from './runView';
import { stageToSet } from './stageSet';
import type { BoltView, RunView } from './views';

const run = { set: 'manifold', instance: '1', programme: 'main' };
const NEAR_DEVICE = 'near-device';
const FAR_DEVICE = 'far-device';

const wrenchOf = (id: string): WrenchShown => {
  const shown = wrenchShown(demoTool(lockside, id, new Date('2026-03-02')));
  if (!shown) throw new Error('no wrench');
  return shown;
};
const OF: Readonly<Record<Side, WrenchShown>> = {
  near: wrenchOf(DEMO_TOOL.wrench1),
  far: wrenchOf(DEMO_TOOL.wrench2),
};
const DEVICE: Readonly<Record<Side, string>> = { near: NEAR_DEVICE, far: FAR_DEVICE };

const opened = (): Storyteller => {
  const story = madeDead(openedFor(castryV8, { kind: 'everything' }), castryV8);
  for (const card of LEAVE_OUT) story.act('card.left-out', { card, words: 'Done elsewhere.' });
  const head = setOf(castryV8, 'head');
  for (const instance of head?.instances ?? [])
    if (head) story.wholeRun(head, instance, DEMO_TOOL.wrench3);
  return story;
};
const ready = (story: Storyteller, side?: Side): Storyteller =>
  story.at(DEVICE[side ?? 'near']).act('run.prepared', {
    run,
    wrench: OF[side ?? 'near'],
    adapter: null,
    treatment: 'as printed',
    ...(side && { side }),
  });
const refused = <T extends ActType>(story: Storyteller, type: T, data: ActData[T]) =>
  refusalIn(story, sheetIn(story, castryV8), type, data);
const viewOf = (story: Storyteller): RunView => {
  const view = runView(castryV8, run, jobOf(story).state.runs, lastAt(story));
  if (!view) throw new Error('no run');
  return view;
};
const nextAt = (story: Storyteller, side: Side): BoltView => {
  const bolt = nextOf(onSide(viewOf(story).current?.bolts ?? [], side));
  if (!bolt) throw new Error('nothing left');
  return bolt;
};
const set = (wrench: WrenchShown, nm: number): number =>
  wrenchSettingNm(nm, { wrench, adapter: null, at: '2026-03-02' });
const pullAt = (story: Storyteller, side: Side, wrench: WrenchShown) => {
  const { key, nm = 0 } = nextAt(story, side).act;
  return { key, pass: 1, nm, setNm: set(wrench, nm), wrench: wrench.id };
};

describe('two who pull a side each', () => {
  it('have each a wrench of their own: neither pulls with the other’s, nor before their own is ready', () => {
    const story = ready(opened(), 'near');
    expect(isByTwo(viewOf(story))).toBe(true);
    expect(refused(story, 'bolt.pulled', pullAt(story, 'far', OF.far))).toBe('run-not-prepared');
    ready(story, 'far');
    expect(preparedFor(viewOf(story).run, 'near')?.wrench).toEqual(OF.near);
    expect(preparedFor(viewOf(story).run, 'far')?.wrench).toEqual(OF.far);
    expect(refused(story, 'bolt.pulled', pullAt(story, 'far', OF.near))).toBe('figure-not-shown');
    expect(refused(story, 'bolt.pulled', pullAt(story, 'far', OF.far))).toBeNull();
  });

  it('where one pulls both sides, one wrench does for both, and takes the place of the two', () => {
    const story = ready(ready(ready(opened(), 'near'), 'far'));
    expect(Object.keys(viewOf(story).run.prepared)).toEqual(['both']);
    expect(refused(story, 'bolt.pulled', pullAt(story, 'far', OF.near))).toBeNull();
  });

  it('a second wrench made ready late leaves the first set as it is', () => {
    const story = ready(opened(), 'near');
    const [stage] = viewOf(story).stages;
    const pullAll = (side: Side): void => {
      for (const bolt of stage?.bolts ?? []) {
        if (bolt.act.from !== side) continue;
        story.at(DEVICE[side]).act('bolt.pulled', pullAt(story, side, OF[side]));
      }
    };
    pullAll('near');
    ready(story, 'far');
    pullAll('far');
    const view = viewOf(story);
    expect(view.current?.key).toBe('1/s2');
    // Both were set for the first stage, and each sets their own for the second.
    const asked = (side: Side) => stageToSet(view, DEVICE[side], side);
    expect(asked('near')?.values).toEqual(asked('far')?.values);
    const { stage: second = '', values = [], settingsNm = [] } = asked('near') ?? {};
    const isSet = { run, stage: second, values, settingsNm, side: 'near' as const };
    expect(refused(story, 'stage.set', isSet)).toBeNull();
    story.at(NEAR_DEVICE).act('stage.set', isSet);
    expect(stageToSet(viewOf(story), NEAR_DEVICE, 'near')).toBeNull();
    expect(stageToSet(viewOf(story), FAR_DEVICE, 'far')).not.toBeNull();
  });

  it('let each wrench back by itself, and only one that was in hand', () => {
    const story = ready(ready(opened(), 'near'), 'far');
    for (let next = viewOf(story).next; next; next = viewOf(story).next) {
      const side = next.act.from ?? 'near';
      const { key, nm = 0 } = next.act;
      const setNm = set(OF[side], nm);
      story.act('bolt.pulled', { key, pass: next.nextPass, nm, setNm, wrench: OF[side].id });
    }
    expect(toLetBack(viewOf(story).run)).toEqual(['near', 'far']);
    expect(refused(story, 'wrench.let-back', { run })).toBe('run-not-prepared');
    story.act('wrench.let-back', { run, side: 'far' });
    expect(toLetBack(viewOf(story).run)).toEqual(['near']);
    story.act('wrench.let-back', { run, side: 'near' });
    expect(toLetBack(viewOf(story).run)).toEqual([]);
  });

  it('a wrench that is out of date is held against whoever has it in hand', () => {
    const story = opened();
    const off = { ...OF.far, off: true as const };
    const hand = { run, wrench: off, adapter: null, treatment: 'as printed' };
    expect(refused(story, 'run.prepared', { ...hand, side: 'far' })).toBe('tool-off');
  });
});
