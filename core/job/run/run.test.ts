import { DEMO_TOOL } from '@cardinex/demo/tools';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { currentRun, runsOf } from '../run/runsOf';
import {
  added,
  after,
  headDown,
  lead,
  linersIn,
  refusalOf,
  decided,
  wren,
  jobOf,
} from '../tests/story';
import type { Job } from '../job';
import { wrenchSettingNm } from './wrenchSetting';

const key = (bolt: string, stage = 's1') => `head/1/main/1/${stage}/${bolt}`;
const half = () => linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 4);
const viewOf = ({ state, log }: Job, minutesLater = 0) => {
  const last = Date.parse(log.last?.at ?? '');
  const view = currentRun(
    runsOf(tolvane44, state, 'head', new Date(last + minutesLater * 60_000).toISOString()),
  );
  if (!view) throw new Error('no head');
  return view;
};

describe('a run', () => {
  it('goes on at the bolt after the last, and knows who pulled that and when', () => {
    const view = viewOf(jobOf(half()));
    expect(view.next?.act.fastener).toBe('h5');
    expect(view.last?.bolt.act.fastener).toBe('h4');
    expect(view.current?.stage.id).toBe('s1');
  });

  it('is done when every bolt of every stage is', () => {
    const view = viewOf(jobOf(headDown()));
    expect(view.current).toBeNull();
    expect(view.stages.map((s) => s.closed)).toEqual([true, true, true]);
  });

  it('keeps a stage open for a bolt that did not come out as expected', () => {
    const story = half();
    const failed = after(story, 'bolt.failed', {
      key: key('h5'),
      pass: 1,
      fault: 'did-not-reach',
      words: 'felt soft',
    });
    const job = added(jobOf(story), failed);
    const view = viewOf(job);
    expect(view.current?.bolts.find((b) => b.act.fastener === 'h5')?.status).toBe('failed');
    // The others first, then the one that failed, at its next pass.
    expect(view.next?.act.fastener).toBe('h6');
  });
});

describe('after an interruption', () => {
  it('of a quarter of an hour nothing need be swept; a second more and all done so far must be', () => {
    const job = jobOf(half());
    expect(viewOf(job, 15).sweeping).toBe(false);
    const view = viewOf(job, 15 + 1 / 60);
    expect(view.sweeping).toBe(true);
    expect(view.current?.bolts.map((b) => b.status)).toEqual([
      ...Array<string>(4).fill('sweep'),
      ...Array<string>(6).fill('open'),
    ]);
    expect(view.next?.act.fastener).toBe('h1');
    expect(view.next?.nextPass).toBe(2);
  });

  it('the sweep goes on over a reload: what was swept is done, the rest still asks', () => {
    const story = half();
    const swept = after(
      story,
      'bolt.pulled',
      { key: key('h1'), pass: 2, nm: 45, setNm: 45, wrench: DEMO_TOOL.wrench5 },
      { minutes: 40 },
    );
    const view = viewOf(added(jobOf(story), swept));
    expect(view.current?.bolts.slice(0, 5).map((b) => b.status)).toEqual([
      'done',
      'sweep',
      'sweep',
      'sweep',
      'open',
    ]);
  });

  it('a stage already closed is not swept', () => {
    const job = jobOf(linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 10));
    expect(viewOf(job, 60).sweeping).toBe(false);
    expect(viewOf(job, 60).current?.stage.id).toBe('s2');
  });

  it('an act held up in an outbox is judged by its own time, not by when it arrived', () => {
    const story = half();
    const act = after(story, 'bolt.pulled', {
      key: key('h5'),
      pass: 1,
      nm: 45,
      setNm: 45,
      wrench: DEMO_TOOL.wrench5,
    });
    expect(refusalOf(decided(story, act))).toBeNull();
  });
});

describe('one bolt pulled by two', () => {
  const story = half();
  const pull = (device: string, n: number) => ({
    ...after(story, 'bolt.pulled', {
      key: key('h5'),
      pass: 1,
      nm: 45,
      setNm: 45,
      wrench: DEMO_TOOL.wrench5,
    }),
    id: `0190f000-0000-7000-8000-00000000100${n}`,
    device,
    by: n === 1 ? lead.id : wren.id,
  });
  const both = added(added(jobOf(story), pull('one', 1)), pull('other', 2));

  it('is contested and keeps its stage open', () => {
    const view = viewOf(both);
    const bolt = view.current?.bolts.find((b) => b.act.fastener === 'h5');
    expect(bolt?.status).toBe('contested');
    expect(bolt?.attempts).toHaveLength(2);
  });

  it('is settled by a decision, and contested again by a third', () => {
    const decision = {
      ...after(story, 'contest.decided', { key: key('h5'), words: 'mark shows one pull' }),
      id: '0190f000-0000-7000-8000-000000001009',
    };
    const settled = added(both, decision);
    const status = (job: typeof both) =>
      viewOf(job).current?.bolts.find((b) => b.act.fastener === 'h5')?.status;
    expect(status(settled)).toBe('done');
    expect(status(added(settled, pull('third', 3)))).toBe('contested');
  });
});

describe('the wrench in hand', () => {
  const wrench = { id: 'w', name: 'W', lowNm: 40, highNm: 200, lengthMm: 500 };
  it('is set lower for a longer arm, and as printed without an adapter or square to it', () => {
    const set = (adapter: { mm: number; deg: number } | null) =>
      wrenchSettingNm(115, { wrench, adapter, at: '' });
    expect(set(null)).toBe(115);
    expect(set({ mm: 75, deg: 0 })).toBeCloseTo(100, 9);
    expect(set({ mm: 75, deg: 90 })).toBe(115);
  });
});
