import type { RunView } from './views';
import { NO_RUN, type RunsState } from '../facts/runs';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { currentRun, runsOf } from '../run/runsOf';
import { added, after, decided, linersIn, refusalOf, stateOf, lastAt, jobOf } from '../tests/story';
import { EMPTY_STATE } from '../emptyJob';
import type { EngineSheet } from '../../sheet/engineSheet';
import { setOf } from '../../sheet/programmeOf';
import { runView } from './runView';
import { decideReported, reportable } from './reported';
import { stageToSet } from './stageSet';
import { evolveSlice } from '../kit/evolveSlice';
import { runsSlice } from '../slices/runs';
import type { LoggedAct } from '../act';

const DEVICE = 'a-phone';
const ready = (): Storyteller => linersIn().prepare(DEMO_TOOL.wrench5);
const head = { set: 'head', instance: '1', programme: 'main' };

function viewOf(story: Storyteller): RunView {
  const state = stateOf(story);
  const view = currentRun(runsOf(tolvane44, state, 'head', lastAt(story)));
  if (!view) throw new Error('no head');
  return view;
}

describe('between two stages', () => {
  it('the hand is stopped where the value differs, until it is said to be set, and not before', () => {
    expect(stageToSet(viewOf(ready()), DEVICE)).toBeNull();
    expect(stageToSet(viewOf(ready().pull('s1', 9)), DEVICE)).toBeNull();
    const over = ready().pull('s1', 10);
    const asked = stageToSet(viewOf(over), DEVICE);
    expect(asked).toMatchObject({ kind: 'torque', values: [85] });
    const { stage = '', values = [], settingsNm = [] } = asked ?? {};
    const set = over.act('stage.set', { run: head, stage, values, settingsNm });
    expect(stageToSet(viewOf(set), DEVICE)).toBeNull();
    expect(stageToSet(viewOf(set.pull('s2', 3)), DEVICE)).toBeNull();
  });

  it('struck, the setting is asked for again; nobody who pulled without it is refused', () => {
    const over = ready().pull('s1', 10);
    const { stage = '', values = [], settingsNm = [] } = stageToSet(viewOf(over), DEVICE) ?? {};
    over.act('stage.set', { run: head, stage, values, settingsNm }).strikeLast();
    expect(stageToSet(viewOf(over), DEVICE)?.values).toEqual([85]);
    expect(stageToSet(viewOf(over.pull('s2', 1)), DEVICE)).toBeNull();
  });

  it('only the figures that sheet and wrench give may be said to be set', () => {
    const story = ready().pull('s1', 10);
    const { stage = '', values = [], settingsNm = [] } = stageToSet(viewOf(story), DEVICE) ?? {};
    const sentenceOf = (data: object) =>
      decided(
        story,
        after(story, 'stage.set', { run: head, stage, values, settingsNm, ...data } as never),
      );
    expect(sentenceOf({}).ok).toBe(true);
    expect(refusalOf(sentenceOf({ settingsNm: [45] }))).toBe('setting-not-shown');
    expect(refusalOf(sentenceOf({ values: [115] }))).toBe('setting-not-shown');
    expect(refusalOf(sentenceOf({ stage: '1/s9' }))).toBe('unknown-run');
    const bare = linersIn();
    expect(
      refusalOf(decided(bare, after(bare, 'stage.set', { run: head, stage, values, settingsNm }))),
    ).toBe('run-not-prepared');
  });

  it('taken out again after the last stage, a bolt begins at the first: the wrench is set back', () => {
    const done = ready().pull('s1', 10).pull('s2', 10).pull('s3', 10);
    done.act('bolt.taken-out', { run: head, fastener: 'h7', words: 'bracket' });
    expect(stageToSet(viewOf(done), DEVICE)?.values).toEqual([45]);
  });
});

/** Walks a whole programme as it asks, each pull made, and lists what the hand was stopped for. */
function stopsOf(sheet: EngineSheet, set: string, programme: string): string[] {
  const instance = setOf(sheet, set)?.instances[0] ?? '';
  const run = { set, instance, programme };
  const at = '2026-03-02T08:00:00Z';
  let runs: RunsState = { [[set, instance, programme].join('/')]: NO_RUN };
  const stops: string[] = [];
  for (let step = 0; step < 500; step += 1) {
    const view = runView(sheet, run, runs, at);
    if (!view?.current || !view.next) return stops;
    const asked = stageToSet(view, DEVICE);
    const act = asked
      ? { type: 'stage.set', data: { run, ...asked } }
      : {
          type: view.next.act.kind === 'slacken' ? 'bolt.eased' : 'bolt.turned',
          data: { key: view.next.act.key, pass: view.next.nextPass, deg: 1 },
        };
    if (asked) stops.push([asked.kind, ...asked.values].join(' '));
    const logged = { id: `act-${step}`, at, by: 'x', device: DEVICE, seq: step, ...act };
    runs = evolveSlice(runsSlice, runs, logged as unknown as LoggedAct);
  }
  throw new Error('it never ended');
}

describe('over a whole programme', () => {
  it('the hand is stopped at every change of value or method', () => {
    expect(stopsOf(quillon5c, 'head', 'main')).toEqual([
      'angle 90',
      'slacken',
      'torque 40',
      'angle 75 90',
      'angle 60 90',
    ]);
  });

  it('after heat, one bolt eased to be pulled again at once stops nobody', () => {
    const programme = setOf(tolvane44, 'head')?.afterwards?.length ? 'after-heat' : '';
    expect(programme).toBe('after-heat');
    expect(stopsOf(tolvane44, 'head', programme)).toEqual([]);
  });
});

describe('several pulled before anybody could tap', () => {
  const pulls = (story: Storyteller, ids: readonly string[], stage = 's1') => {
    const view = viewOf(story);
    const nm = view.next?.act.nm ?? 0;
    return ids.map((id) => ({ key: `head/1/main/1/${stage}/${id}`, pass: 1, nm, setNm: nm }));
  };
  const saying = (story: Storyteller, ids: readonly string[]) => ({
    pulls: pulls(story, ids),
    wrench: DEMO_TOOL.wrench5,
  });
  const reported = (story: Storyteller, ids: readonly string[]) =>
    after(story, 'bolts.reported', saying(story, ids));

  it('are said in one act, each marked as said afterwards, and taken back in one', () => {
    const story = ready().pull('s1', 2);
    const act = reported(story, ['h3', 'h4', 'h5']);
    expect(decided(story, act).ok).toBe(true);
    const view = runView(tolvane44, head, added(jobOf(story), act).state.runs, act.at);
    expect(view?.next?.act.fastener).toBe('h6');
    const answers = view?.current?.bolts.filter(({ attempts }) => attempts[0]?.afterwards);
    expect(answers?.map((bolt) => bolt.act.fastener)).toEqual(['h3', 'h4', 'h5']);
    story.act('bolts.reported', saying(story, ['h3', 'h4', 'h5'])).strikeLast();
    expect(viewOf(story).next?.act.fastener).toBe('h3');
  });

  it('are each held against the rules: none twice, none already pulled, none of another stage', () => {
    const story = ready().pull('s1', 2);
    expect(refusalOf(decided(story, reported(story, ['h3', 'h3'])))).toBe('pass-taken');
    expect(refusalOf(decided(story, reported(story, ['h2', 'h3'])))).toBe('pass-taken');
    const ahead = after(story, 'bolts.reported', {
      pulls: [...pulls(story, ['h3']), ...pulls(story, ['h3'], 's2')],
      wrench: DEMO_TOOL.wrench5,
    });
    expect(refusalOf(decided(story, ahead))).toBe('unknown-fastener');
  });

  it('are never an angle: what was turned is not said from memory', () => {
    const run = { set: 'head', instance: '1', programme: 'main' };
    const at = '2026-03-02T08:00:00Z';
    let runs: RunsState = { 'head/1/main': { ...NO_RUN, prepared: { both: PREPARED } } };
    for (const { id } of setOf(quillon5c, 'head')?.fasteners ?? []) {
      const next = runView(quillon5c, run, runs, at)?.next;
      const data = { key: next?.act.key, pass: 1, nm: next?.act.nm };
      const act = { id, type: 'bolt.pulled', at, by: 'x', device: DEVICE, seq: 1, data };
      runs = evolveSlice(runsSlice, runs, act as unknown as LoggedAct);
    }
    const view = runView(quillon5c, run, runs, at);
    expect(view?.current?.stage.kind).toBe('angle');
    expect(view && reportable(view)).toEqual([]);
    const [one, two] = view?.current?.bolts ?? [];
    const pulls = [one, two].map((bolt) => ({
      key: bolt?.act.key ?? '',
      pass: 1,
      nm: 60,
      setNm: 60,
    }));
    const act = { type: 'bolts.reported', at, data: { pulls, wrench: 'w' } };
    const verdict = decideReported(
      { ...EMPTY_STATE, runs },
      act as never,
      { sheet: quillon5c } as never,
    );
    expect(refusalOf(verdict)).toBe('not-this-way');
  });
});

const PREPARED = {
  actId: 'a',
  wrench: { id: 'w', name: 'Wrench', lowNm: 20, highNm: 200, lengthMm: 400 },
  adapter: null,
  treatment: 'oil',
  at: '2026-03-02T08:00:00Z',
  by: 'x',
};
