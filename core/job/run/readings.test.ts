import type { RunView } from './views';
import type { BoltFault, RunName } from '../facts/run';
import { NO_RUN, type RunsState } from '../facts/runs';
import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import type { EngineSheet } from '../../sheet/engineSheet';
import { groupOf, setOf } from '../../sheet/programmeOf';
import type { TightenAct } from '../../tightening/tightenPlan';
import type { ActData, ActType, LoggedAct } from '../act';
import { added, after, decided, headDown, linersIn, refusalOf, jobOf } from '../tests/story';
import { adviceFor, faultsOf } from './advice';
import { nutsOf } from './nuts';
import { bandOf, reachedVerdict } from './reached';
import { runResults } from './results';
import { evolveSlice } from '../kit/evolveSlice';
import { runsSlice } from '../slices/runs';
import { nextOf, onSide, runView } from './runView';
import { runKey } from './runKey';

const pull = (more: Partial<TightenAct>): TightenAct => ({
  key: 'k',
  cycle: '1',
  stage: 's',
  fastener: 'f',
  kind: 'torque',
  ...more,
});

describe('a reading against what was asked', () => {
  it.each([
    [pull({ nm: 100 }), 96, 'within'],
    [pull({ nm: 100 }), 95.9, 'short'],
    [pull({ nm: 100 }), 104, 'within'],
    [pull({ nm: 100 }), 104.1, 'over'],
    [pull({ nm: 67.5, lowNm: 60, highNm: 75 }), 60, 'within'],
    [pull({ nm: 67.5, lowNm: 60, highNm: 75 }), 75.1, 'over'],
    [pull({ kind: 'angle', deg: 90 }), 87, 'within'],
    [pull({ kind: 'angle', deg: 90 }), 86.9, 'short'],
    [pull({ kind: 'angle', deg: 90, lowDeg: 85, highDeg: 95 }), 95, 'within'],
    [pull({ kind: 'hydraulic', bar: 700 }), 686, 'within'],
    [pull({ kind: 'hydraulic', bar: 700 }), 685.9, 'short'],
    [pull({ kind: 'hydraulic-check', bar: 700 }), 714.1, 'over'],
  ] as const)('%#: %s is %s', (act, reached, verdict) => {
    expect(reachedVerdict(act, reached)).toBe(verdict);
  });

  it('is not asked of what has no reading', () => {
    expect(bandOf(pull({ kind: 'slacken' }))).toBeNull();
    expect(bandOf(pull({ kind: 'hydraulic' }))).toBeNull();
  });

  it('is kept when it landed, refused with the band when it did not', () => {
    const story = linersIn().prepare(DEMO_TOOL.wrench5);
    const data = (reachedNm: number) => ({
      key: 'head/1/main/1/s1/h1',
      pass: 1,
      nm: 45,
      setNm: 45,
      wrench: DEMO_TOOL.wrench5,
      reachedNm,
      read: 'typed' as const,
    });
    expect(refusalOf(decided(story, after(story, 'bolt.pulled', data(44.8))))).toBeNull();
    expect(refusalOf(decided(story, after(story, 'bolt.pulled', data(60))))).toBe(
      'reached-outside',
    );
  });
});

/** Acts of a run alone, told one after the other. */
class Reported {
  runs: RunsState = {};
  private seq = 0;
  private clock = Date.parse('2026-03-02T08:00:00Z');

  constructor(
    readonly sheet: EngineSheet,
    readonly run: RunName,
  ) {}

  act<T extends ActType>(type: T, data: ActData[T], minutes = 1): this {
    this.clock += minutes * 60_000;
    this.seq += 1;
    const at = new Date(this.clock).toISOString();
    const story = { id: `a${this.seq}`, seq: this.seq, at, by: 'tobin', device: 'd', type, data };
    this.runs = evolveSlice(runsSlice, this.runs, story as unknown as LoggedAct);
    return this;
  }

  view(minutesLater = 0): RunView {
    const now = new Date(this.clock + minutesLater * 60_000).toISOString();
    const view = runView(this.sheet, this.run, this.runs, now);
    if (!view) throw new Error('no run');
    return view;
  }
}

describe('a wait', () => {
  const run = { set: 'head', instance: 'port', programme: 'main' };
  const castry = (): Reported => {
    const story = new Reported(castryV8, run);
    for (let n = 0; n < 200; n += 1) {
      const { next } = story.view();
      if (!next || next.act.kind === 'wait') return story;
      story.act(
        'bolt.pulled',
        { key: next.act.key, pass: 1, nm: next.act.nm ?? 0, setNm: 0, wrench: 'w' },
        0.1,
      );
    }
    return story;
  };

  it('is over so many minutes after the last pull, whatever happened to the device meanwhile', () => {
    const reported = castry();
    const { waitUntil, stages } = reported.view();
    const last = Math.max(...stages.flatMap(({ lastAt }) => (lastAt ? [Date.parse(lastAt)] : [])));
    const minutes = stages.find(({ stage }) => stage.kind === 'wait')?.bolts[0]?.act.minutes;
    expect(Date.parse(waitUntil ?? '') - last).toBe((minutes ?? NaN) * 60_000);
    expect(reported.view(500).waitUntil).toBe(waitUntil);
  });

  it('nothing is waited for before it is reached', () => {
    expect(new Reported(castryV8, run).view().waitUntil).toBeNull();
  });
});

describe('one fastener out again', () => {
  const head: RunName = { set: 'head', instance: '1', programme: 'main' };
  const out = { run: head, fastener: 'h3', words: 'for the bracket' };

  it('goes through every stage by itself; the others stand', () => {
    const story = headDown();
    const { state, log } = added(
      jobOf(story),
      after(story, 'bolt.taken-out', out, { minutes: 300 }),
    );
    const later = new Date(Date.parse(log.last?.at ?? '') + 3_600_000).toISOString();
    const view = runView(tolvane44, head, state.runs, later);
    expect(view?.next?.act.fastener).toBe('h3');
    expect(view?.current?.stage.id).toBe('s1');
    expect(view?.sweeping).toBe(false);
    expect(view?.current?.bolts.filter(({ status }) => status === 'done')).toHaveLength(9);
  });

  it('pulled again hours later it asks nobody to sweep the rest', () => {
    const reported = new Reported(tolvane44, head);
    const all = (): void => {
      for (let n = 0; n < 60; n += 1) {
        const { next } = reported.view();
        if (!next) return;
        reported.act(
          'bolt.pulled',
          { key: next.act.key, pass: next.nextPass, nm: next.act.nm ?? 0, setNm: 0, wrench: 'w' },
          0.1,
        );
      }
    };
    all();
    reported.act('bolt.taken-out', out, 600);
    const before = Object.keys(reported.view().run.attempts).length;
    all();
    expect(reported.view().current).toBeNull();
    expect(Object.keys(reported.view().run.attempts)).toHaveLength(before + 3);
    expect(
      runResults(reported.view()).bolts.find(({ fastener }) => fastener === 'h3')?.odd,
    ).toContain('redone');
  });

  it('only what was pulled can come out', () => {
    const story = linersIn().prepare(DEMO_TOOL.wrench5);
    expect(refusalOf(decided(story, after(story, 'bolt.taken-out', out)))).toBe('unknown-fastener');
  });
});

describe('two at one fastener', () => {
  const run = { set: 'cylinder-base', instance: '1', programme: 'main' };
  const storyOf = (): Reported => {
    const one = new Reported(averilQ4, run);
    for (let n = 0; n < 60; n += 1) {
      const { next } = one.view();
      if (!next || next.act.together) return one;
      one.act(
        'bolt.pulled',
        { key: next.act.key, pass: 1, nm: next.act.nm ?? 0, setNm: 0, wrench: 'w' },
        0.1,
      );
    }
    return one;
  };
  const end = (entry: Reported, side: 'near' | 'far'): Reported => {
    const { next } = entry.view();
    if (!next) throw new Error('nothing next');
    const { act, nextPass: pass } = next;
    return entry.act('bolt.pulled', {
      key: act.key,
      pass,
      nm: act.nm ?? 0,
      setNm: 0,
      wrench: 'w',
      side,
    });
  };

  it('is done when both ends are, in whatever order', () => {
    const one = end(storyOf(), 'far');
    const first = one.view().next;
    expect(first).toMatchObject({ status: 'half', sides: ['far'], nextPass: 1 });
    end(one, 'near');
    expect(one.view().next?.act.key).not.toBe(first?.act.key);
    expect(one.view().next?.status).toBe('open');
  });

  it('the same end twice on one pass is contested, both ends are not', () => {
    const one = storyOf();
    const { act } = one.view().next ?? {};
    if (!act) throw new Error('nothing next');
    const data = { key: act.key, pass: 1, nm: act.nm ?? 0, setNm: 0, wrench: 'w' };
    one.act('bolt.pulled', { ...data, side: 'near' }).act('bolt.pulled', { ...data, side: 'near' });
    const found = one.view().current?.bolts.find((bolt) => bolt.act.key === act.key);
    expect(found?.status).toBe('contested');
  });
});

describe('a stage shared out between two sides', () => {
  const run = { set: 'manifold', instance: '1', programme: 'main' };
  const asked = (story: Reported, side: 'near' | 'far' | 'both'): string | undefined =>
    nextOf(onSide(story.view().current?.bolts ?? [], side))?.act.fastener;
  const pull = (reported: Reported, side: 'near' | 'far' | 'both'): void => {
    const bolt = nextOf(onSide(reported.view().current?.bolts ?? [], side));
    if (!bolt) throw new Error('nothing left on this side');
    const { key, nm = 0 } = bolt.act;
    reported.act('bolt.pulled', { key, pass: 1, nm, setNm: 0, wrench: 'w' }, 0.1);
  };

  it('asks each side for its own in their order, and closes only when both are through', () => {
    const told = new Reported(castryV8, run);
    const [stage] = told.view().stages;
    const order = stage?.bolts.map(({ act }) => act.fastener) ?? [];
    const far = stage?.bolts.filter(({ act }) => act.from === 'far').length ?? 0;
    expect(far).toBe(order.length / 2);
    expect(asked(told, 'both')).toBe(order[0]);
    for (let n = 0; n < far; n += 1) pull(told, 'far');
    expect(asked(told, 'far')).toBeUndefined();
    expect(told.view().stages[0]?.closed).toBe(false);
    for (let n = 0; n < far; n += 1) pull(told, 'near');
    expect(told.view().stages[0]?.closed).toBe(true);
    // The last stage is nobody's side: both are asked for the same bolt.
    expect(asked(told, 'far')).toBe(asked(told, 'near'));
  });
});

describe('nuts counted', () => {
  const run = { set: 'head', instance: '1', programme: 'main' };
  const counted = (holes: readonly number[]): Reported => {
    const story = new Reported(hesperM6Right, run);
    const stages = story.view().stages.filter(({ stage }) => stage.kind === 'hydraulic');
    for (const stage of stages)
      stage.bolts.forEach(({ act: { key, bar = 0 } }, at) =>
        story.act('stud.tensioned', { key, pass: 1, bar, holes: holes[at % holes.length] ?? 0 }),
      );
    return story;
  };
  const last = (reported: Reported) => {
    const view = reported.view();
    const stage = view.stages.findLast((entry) => entry.stage.kind === 'hydraulic');
    return stage ? nutsOf(view, stage) : null;
  };

  it('the odd one is called out, and stands in the results', () => {
    const told = counted([2, 2, 2, 3.5]);
    const odd = last(told)?.nuts.filter(({ verdict }) => verdict === 'odd') ?? [];
    expect(odd.length).toBeGreaterThan(0);
    const marked = runResults(told.view()).bolts.filter((bolt) => bolt.odd.includes('travel'));
    expect(marked.map(({ fastener }) => fastener).sort()).toEqual(odd.map(({ id }) => id).sort());
  });

  it('alike and as the sheet expects, nothing is said', () => {
    expect(last(counted([2]))?.findings).toEqual(['alike']);
    expect(last(counted([1]))?.findings).toEqual(['alike', 'all-off']);
  });

  it('nothing is judged before all are counted', () => {
    const told = new Reported(hesperM6Right, run);
    expect(last(told)).toBeNull();
  });
});

describe('what to do with one that did not come out as asked', () => {
  const long = (sheet: EngineSheet) => {
    const set = setOf(sheet, 'head');
    const [fastener] = set?.fasteners ?? [];
    return set && fastener ? groupOf(set, fastener) : undefined;
  };
  const stretch = long(quillon5c);
  const plain = long(tolvane44);

  it.each<[BoltFault, TightenAct['kind'], boolean, string, string]>([
    ['did-not-reach', 'torque', false, 'clean-and-pull', 'clean-and-pull'],
    ['did-not-reach', 'angle', true, 'clean-and-pull', 'replace'],
    ['felt-soft', 'torque', false, 'look-at-thread', 'look-at-thread'],
    ['felt-soft', 'angle', false, 'look-at-thread', 'replace'],
    ['slipped', 'torque', false, 'pull-again', 'pull-again'],
    ['slipped', 'angle', true, 'pull-again', 'replace'],
    ['over', 'torque', false, 'ease-and-pull', 'replace'],
    ['moved-early', 'check', false, 'ease-and-pull', 'ease-and-pull'],
    ['moved-early', 'torque', false, 'clean-and-pull', 'clean-and-pull'],
  ])('%s at a %s: %s', (fault, kind, turned, forPlain, forStretch) => {
    expect(adviceFor(fault, plain, { kind, turned })).toBe(forPlain);
    expect(adviceFor(fault, stretch, { kind, turned })).toBe(forStretch);
  });

  it('studs under jacks are tensioned again', () => {
    for (const fault of ['did-not-reach', 'slipped', 'odd-travel'] as const)
      expect(adviceFor(fault, undefined, { kind: 'hydraulic', turned: false })).toBe(
        'tension-again',
      );
  });

  it('each kind of pull has its own things that can happen', () => {
    expect(faultsOf('angle')).not.toContain('moved-early');
    expect(faultsOf('hydraulic')).toContain('odd-travel');
    expect(faultsOf('torque')).not.toContain('odd-travel');
  });
});

it('results tell who, when and with what, and call out the one far from its fellows', () => {
  const run = { set: 'head', instance: '1', programme: 'main' };
  const story = new Reported(tolvane44, run);
  for (let n = 0; n < 60; n += 1) {
    const { next } = story.view();
    if (!next) break;
    const { key, nm = 0, fastener } = next.act;
    const reachedNm = fastener === 'h7' ? nm + 25 : nm + 0.3 * (n % 3);
    story.act('bolt.pulled', { key, pass: 1, nm, setNm: nm, wrench: 'w5', reachedNm }, 0.2);
  }
  const results = runResults(story.view());
  expect(results.bolts.filter(({ odd }) => odd.length > 0).map(({ fastener }) => fastener)).toEqual(
    ['h7'],
  );
  expect(results).toMatchObject({ people: ['tobin'], wrenches: ['w5'] });
  expect(Date.parse(results.to ?? '')).toBeGreaterThan(Date.parse(results.from ?? ''));
  const nothing = new Reported(tolvane44, run);
  nothing.runs = { [runKey(run)]: NO_RUN };
  expect(runResults(nothing.view())).toMatchObject({ from: null, to: null, people: [] });
});
