import type { Verdict } from './verdict';
import fc from 'fast-check';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import { demoJobs } from '@cardinex/demo/jobs';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { lockside } from '@cardinex/demo/shops';
import type { Act, ActData, ActType, LoggedAct } from './act';
import { decide } from './decide';
import { evolve, fold } from './evolve';
import { groundsOf, restsOn, isDecision } from './grounds';
import { RULES } from './rules';
import type { Role } from './roles';
import { isWithoutGround, waitingDecisions } from './pending';
import { sheetOfJob } from './sheetOfJob';
import { EMPTY_JOB } from './emptyJob';
import type { Job } from './job';
import { jobOf, jobSheet, linersIn, opened, refusalOf, tobin, wren } from './tests/story';
import { entryOf } from './kit/entryOf';
import { trayOf } from './tray';

const AT = '2026-03-02T12:00:00Z';
const FAR = 'ffff0000-0000-7000-8000-000000000001';
let made = 0;

/** An act of a device that had seen the log up to `seenSeq`. */
function act<T extends ActType>(
  type: T,
  data: ActData[T],
  seenSeq: number,
  more: Partial<Act> = {},
): Act {
  made += 1;
  const id = `0190f111-0000-7000-8000-${String(made).padStart(12, '0')}`;
  const envelope = { id, v: 1, at: AT, by: wren.id, device: FAR, count: made, seenSeq };
  return { ...envelope, type, data, ...more } as unknown as Act;
}

function decideOn(job: Job, act: Act, role: Role = 'lead'): Verdict {
  const member = { id: act.by, role, fresh: true };
  return decide(job, act, { now: act.at, sheet: tolvane44, member });
}

/** The job once the act has joined the log, with what the log says of it besides. */
function joined(job: Job, act: Act, role: Role = 'lead'): Job {
  const verdict = decideOn(job, act, role);
  if (!verdict.ok) throw new Error(`${act.type}: ${verdict.refusal.code}`);
  const logged = { ...act, seq: job.log.headSeq + 1, receivedAt: AT, ...verdict.stamp };
  return evolve(job, logged as LoggedAct);
}

const printed = { text: '0.06', unit: 'mm' as const };
const reading = (bore: string, mm: number, place = 0) => ({ bore, place, mm, printed });
const current = { device: lockside.device, by: tobin.id } as Partial<Act>;
const cardOf = ({ state }: Job, card: 'liners' | 'tighten') =>
  entryOf(trayOf(tolvane44, state, AT), { card });
const allRead = (): Job =>
  jobOf(
    opened()
      .liner('1', 0.06, 0.06)
      .liner('2', 0.07, 0.07)
      .liner('3', 0.08, 0.08)
      .liner('4', 0.09, 0.09),
  );

describe('a decision made without knowing all', () => {
  const unread = 'liners.accepted';

  it('has no effect and bars its card until someone who sees all confirms it', () => {
    const before = allRead();
    const seen = before.log.headSeq;
    // Within as well, and so the decision could stand: but whoever made it had not seen it.
    const read = joined(before, act('liner.read', reading('4', 0.1), seen, current));
    const accepted = act(unread, {}, seen);
    const waits = joined(read, accepted);
    expect(waits.state.liners.accepted).toBeNull();
    expect(waitingDecisions(waits.state)).toMatchObject([
      { why: { code: 'facts-unseen', count: 1 }, unseen: [read.log.last?.id] },
    ]);
    expect(cardOf(waits, 'liners')).toMatchObject({
      status: 'barred',
      reason: { code: 'decision-pending', decision: accepted.id },
    });
    const aware = act('liner.read', reading('1', 0.06), waits.log.headSeq, current);
    expect(refusalOf(decideOn(waits, aware))).toBe('decision-pending');

    const holds = joined(
      waits,
      act('pending.decided', { decision: accepted.id, holds: true }, waits.log.headSeq, current),
    );
    expect(holds.state.liners.accepted).toMatchObject({ by: wren.id });
    expect(cardOf(holds, 'liners')?.status).toBe('done');
    const dropped = joined(
      waits,
      act('pending.decided', { decision: accepted.id, holds: false }, waits.log.headSeq, current),
    );
    expect(dropped.state.liners.accepted).toBeNull();
    expect(cardOf(dropped, 'liners')).toMatchObject({ status: 'open' });
  });

  it('that the log as it stands forbids waits too, and cannot be confirmed as long as it does', () => {
    const before = allRead();
    const seen = before.log.headSeq;
    const out = joined(before, act('liner.read', reading('4', 0.4), seen, current));
    const accepted = act(unread, {}, seen);
    const waits = joined(out, accepted, 'mechanic');
    expect(waitingDecisions(waits.state)[0]?.why.code).toBe('liners-out');
    const confirm = act(
      'pending.decided',
      { decision: accepted.id, holds: true },
      waits.log.headSeq,
    );
    expect(refusalOf(decideOn(waits, confirm, 'mechanic'))).toBe('liners-out');
  });

  it('is refused as ever where its sender knew, or where it never made sense', () => {
    const before = allRead();
    const out = joined(before, act('liner.read', reading('4', 0.4), before.log.headSeq, current));
    const aware = act(unread, {}, out.log.headSeq);
    expect(refusalOf(decideOn(out, aware, 'mechanic'))).toBe('liners-out');
    const few = jobOf(opened().liner('1', 0.06));
    const more = joined(few, act('liner.read', reading('2', 0.06), few.log.headSeq, current));
    expect(refusalOf(decideOn(more, act(unread, {}, few.log.headSeq)))).toBe('liners-incomplete');
  });

  it('holds where what it had not seen is no ground of it', () => {
    const before = allRead();
    const seen = before.log.headSeq;
    const put = { part: '0190f111-0000-7000-8000-0000000000aa', kind: 'rag', what: 'a rag' };
    const elsewhere = joined(
      before,
      act('temporary-part.put-in', { ...put, where: 'port 2', bars: [] } as never, seen, current),
    );
    expect(joined(elsewhere, act(unread, {}, seen)).state.liners.accepted).not.toBeNull();
  });

  it('names what it rested on: a fact standing outside its list counts as not known', () => {
    const job = allRead();
    const restedOn = groundsOf(job, act(unread, {}, 0), jobSheet).map(({ id }) => id);
    expect(restedOn).toHaveLength(16);
    const seen = job.log.headSeq;
    expect(joined(job, act(unread, {}, seen, { restedOn })).state.liners.accepted).not.toBeNull();
    const short = act(unread, {}, seen, { restedOn: restedOn.slice(1) });
    expect(waitingDecisions(joined(job, short).state)[0]?.unseen).toEqual([restedOn[0]]);
  });

  it('waits again when a fact it had not known of comes later; what was done since keeps its place', () => {
    const before = allRead();
    const seen = before.log.headSeq;
    const accepted = act(unread, {}, seen);
    const stands = joined(before, accepted);
    const late = joined(stands, act('liner.read', reading('4', 0.1), seen, current));
    expect(late.log.last).toMatchObject({ reopens: [accepted.id] });
    expect(late.state.liners.accepted).toBeNull();
    expect(late.state.liners.readings['4']?.[0]?.mm).toBe(0.1);
    expect(cardOf(late, 'liners')?.reason).toMatchObject({ code: 'decision-pending' });
    // A reading made knowing of it reopens nothing: the card itself sees to that.
    const knowing = joined(
      stands,
      act('liner.read', reading('4', 0.1), stands.log.headSeq, current),
    );
    expect(waitingDecisions(knowing.state)).toEqual([]);
    // Struck, the fact reopened nothing.
    const target = late.log.last?.id ?? '';
    const struck = joined(late, act('struck', { target }, late.log.headSeq, current));
    expect(struck.state.liners.accepted).not.toBeNull();
  });

  it('confirmed once waits again when yet another fact comes to light', () => {
    const before = allRead();
    const seen = before.log.headSeq;
    const read = joined(before, act('liner.read', reading('4', 0.1), seen, current));
    const accepted = act(unread, {}, seen);
    const waits = joined(read, accepted);
    const say = { decision: accepted.id, holds: true };
    const holds = joined(waits, act('pending.decided', say, waits.log.headSeq, current));
    const third = { device: 'ffff0000-0000-7000-8000-000000000003' };
    const late = joined(holds, act('liner.read', reading('1', 0.07), seen, third));
    expect(late.state.liners.accepted).toBeNull();
    expect(waitingDecisions(late.state)).toHaveLength(1);
    const again = joined(late, act('pending.decided', say, late.log.headSeq, current));
    expect(again.state.liners.accepted).not.toBeNull();
    expect(fold(again.log.acts).state).toEqual(again.state);
    // While it waits, a fact reopens nothing: whoever confirms it sees that one too.
    const meanwhile = joined(waits, act('liner.read', reading('1', 0.07), seen, third));
    expect(meanwhile.log.last?.reopens).toBeUndefined();
  });

  it('and reopened takes the ground from what was done on it by someone who did not know', () => {
    const before = allRead();
    const seen = before.log.headSeq;
    const stands = joined(before, act(unread, {}, seen));
    const knew = stands.log.headSeq;
    const late = joined(stands, act('liner.read', reading('4', 0.1), seen, current));
    const prepared = linersIn().prepare(DEMO_TOOL.wrench5).end().acts.at(-1);
    const blind = act('run.prepared', prepared?.data as never, knew);
    expect(joined(late, blind).log.last).toMatchObject({ ground: [stands.log.last?.id] });
  });

  it('said by two to hold, or not, is decided by the first', () => {
    const before = allRead();
    const seen = before.log.headSeq;
    const read = joined(before, act('liner.read', reading('4', 0.1), seen, current));
    const accepted = act(unread, {}, seen);
    const waits = joined(read, accepted);
    const sentenceOf = (holds: boolean): Act =>
      act('pending.decided', { decision: accepted.id, holds }, waits.log.headSeq, current);
    const both = joined(joined(waits, sentenceOf(false)), {
      ...sentenceOf(true),
      device: FAR,
    } as Act);
    expect(both.state.pending[accepted.id]?.decided?.holds).toBe(false);
    expect(both.state.liners.accepted).toBeNull();
  });

  it('that strikes waits like any other, and reaches back once it is confirmed', () => {
    const before = jobOf(opened().liner('1', 0.06));
    const seen = before.log.headSeq;
    const target = before.log.last?.id ?? '';
    const later = joined(before, act('liner.read', reading('1', 0.07, 1), seen, current));
    // One's own last act, as far as this device knew; by now one has done another.
    const strike = act('struck', { target }, seen, { by: tobin.id });
    const waits = joined(later, strike);
    expect(waits.state.struck).toEqual({});
    const without = { ...act('pending.decided', { decision: strike.id, holds: true }, 99) };
    expect(refusalOf(decideOn(waits, without))).toBe('words-needed');
  });
});

describe('what was done behind a decision that waits', () => {
  /** Liners accepted and thirty pulls on one device, while another reads a liner anew. */
  function offline(mm: number): { job: Job; accepted: Act; behind: readonly Act[] } {
    const before = allRead();
    const seen = before.log.headSeq;
    const read = joined(before, act('liner.read', reading('4', mm), seen, current));
    const accepted = act('liners.accepted', {}, seen);
    const story = linersIn()
      .prepare(DEMO_TOOL.wrench5)
      .pull('s1', 10)
      .pull('s2', 10)
      .pull('s3', 10);
    const behind = story
      .end()
      .acts.filter(({ type }) => type === 'run.prepared' || type === 'bolt.pulled')
      .map((entry) => act(entry.type, entry.data as never, seen));
    return {
      job: [accepted, ...behind].reduce((now, item) => joined(now, item), read),
      accepted,
      behind,
    };
  }

  it('is kept, all of it, and marked as without ground until the decision holds', () => {
    const { job, accepted, behind } = offline(0.1);
    expect(behind.filter(({ type }) => type === 'bolt.pulled')).toHaveLength(30);
    const own = job.log.acts.filter(({ device }) => device === FAR);
    expect(own.map(({ id }) => id)).toEqual([accepted, ...behind].map(({ id }) => id));
    const ofOwn = ({ state }: Job) => own.slice(1).map((each) => isWithoutGround(state, each));
    expect(new Set(ofOwn(job))).toEqual(new Set([true]));
    const say = (holds: boolean): Job =>
      joined(
        job,
        act('pending.decided', { decision: accepted.id, holds }, job.log.headSeq, current),
      );
    expect(new Set(ofOwn(say(true)))).toEqual(new Set([false]));
    expect(new Set(ofOwn(say(false)))).toEqual(new Set([true]));
  });

  it('folds the same act by act as all at once, wherever it is cut', () => {
    const log = offline(0.4).job.log.acts;
    fc.assert(
      fc.property(fc.integer({ min: 0, max: log.length }), (cut) => {
        const stepwise = log.slice(cut).reduce(evolve, fold(log.slice(0, cut)));
        expect(stepwise.state).toEqual(fold(log).state);
      }),
    );
  });

  it('and behind an act that was refused is kept where only the order speaks against it', () => {
    const job = allRead();
    const pull = linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 1).end().acts.at(-1);
    if (!pull) throw new Error('nothing pulled');
    const member = { id: wren.id, role: 'lead' as const, fresh: true };
    const context = { now: AT, sheet: tolvane44, member, behindRefused: true };
    const blind = act('bolt.pulled', pull.data as never, job.log.headSeq);
    expect(decide(job, blind, context)).toEqual({ ok: true, stamp: { behindRefused: true } });
    expect(refusalOf(decide(job, blind, { ...context, behindRefused: false }))).not.toBeNull();
    const nowhere = { ...(pull.data as object), key: 'head/1/main/1/s1/h99' };
    const unknown = act('bolt.pulled', nowhere as never, job.log.headSeq);
    expect(refusalOf(decide(job, unknown, context))).not.toBeNull();
  });
});

describe('every kind of act, sent by someone who had seen little', () => {
  const sheets = new Map(demoSheets.map((sheet) => [sheet.id, sheet]));
  const jobs = demoJobs(new Date('2026-03-02T08:00:00Z'));

  it('is kept as a fact, waits or holds as a decision, and opens no job twice', () => {
    /** How often each kind was tried: the same over and over shows nothing more. */
    const met = new Map<ActType, number>();
    for (const { acts } of jobs) {
      const [first] = acts;
      if (first?.type !== 'job.opened') throw new Error('not opened');
      const sheet = sheets.get(first.data.sheet.id);
      if (!sheet) continue;
      let job = EMPTY_JOB;
      acts.forEach((act, place) => {
        const logged = { ...act, seq: place + 1, receivedAt: act.at } as LoggedAct;
        const stale = { ...act, id: FAR, device: FAR, seenSeq: Math.min(place, 1) } as Act;
        const member = { id: act.by, role: 'lead' as const, fresh: true };
        const context = { now: act.at, sheet, member };
        const after = evolve(job, logged);
        const times = met.get(act.type) ?? 0;
        met.set(act.type, times + 1);
        if (times >= 3) {
          job = after;
          return;
        }
        const opening = decide(
          after,
          { ...stale, type: first.type, data: first.data } as Act,
          context,
        );
        expect(refusalOf(opening)).toBe('already-open');
        const verdict = decide(job, stale, context);
        const stamp = verdict.ok ? (verdict.stamp ?? {}) : {};
        if (RULES[act.type].nature === 'fact') expect(stamp.pending).toBeUndefined();
        if (RULES[act.type].nature === 'decision' && verdict.ok) {
          const figures = sheetOfJob(sheet, job.state);
          const rests = groundsOf(job, stale, figures).some(({ seq }) => seq > stale.seenSeq);
          expect(stamp.pending !== undefined).toBe(rests || !decideAware(job, stale, context).ok);
          const stored = evolve(job, {
            ...stale,
            seq: place + 1,
            receivedAt: act.at,
            ...stamp,
          } as LoggedAct);
          if (stamp.pending) {
            expect({ ...stored.state, pending: 0 }).toEqual({ ...job.state, pending: 0 });
          }
        }
        job = after;
      });
    }
    expect(met.size).toBeGreaterThan(20);
  });

  /** As if its sender had seen all. */
  function decideAware(job: Job, entry: Act, context: Parameters<typeof decide>[2]): Verdict {
    return decide(job, { ...entry, seenSeq: job.log.headSeq }, context);
  }
});

describe('every kind of decision', () => {
  const key = 'head/1/main/1/s1/h1';
  const seen = { check: 'head', item: 'head', found: 'good' } as const;
  const read = { check: 'stand-outs', item: '1', place: 'a', mm: 0.4, printed } as const;
  const pull = { key, pass: 1, nm: 45, setNm: 45, wrench: DEMO_TOOL.wrench5 };
  /** What it decides, and a fact it rests on; null where it rests on none. */
  const GROUNDS: { [T in ActType]?: readonly [ActData[T], Act | null] } = {
    'liners.accepted': [{}, act('liner.read', reading('1', 0.06), 0)],
    'liners.placed': [{ placement: [] }, act('liner.sealed', { bore: '1', out: 2, in: 2 }, 0)],
    'check.decided': [
      { check: 'head', item: 'head', decision: 'stand', words: 'so' } as never,
      act('check.seen', seen as never, 0),
    ],
    'gasket.chosen': [{ mark: '1', by: 'stand-out' } as never, act('check.read', read as never, 0)],
    'piston-route.chosen': [
      { route: 'part-way-out' },
      act('check.seen', { ...seen, check: 'on-rod', item: '1', step: 'pin' }, 0),
    ],
    'shims.chosen': [{ shims: [] } as never, act('shim.read', { valve: 'E1', mm: 3 } as never, 0)],
    'contest.decided': [{ key, words: 'so' }, act('bolt.pulled', pull, 0)],
    'card.left-out': [{ card: 'inspect', words: 'so' }, act('check.seen', seen as never, 0)],
    'sheet.taken': [{ sheet: { id: 's', revision: 2, hash: '' }, words: 'so' }, null],
    'variant.changed': [{ question: 'q', option: 'o', words: 'so' }, null],
    'difference.decided': [{ places: [], take: 'sheet', among: [], words: 'so' }, null],
    'scope.widened': [{ scope: { kind: 'everything' }, words: 'so' }, null],
    'card.out-of-order': [{ card: 'fit', despite: [{ part: 'gasket' }], words: 'so' }, null],
    'card.put-off': [{ card: 'fit', words: 'so' }, null],
    'card.taken-up': [{ card: 'fit' }, null],
    'job.parked': [{ done: [], words: 'so', resumeBy: [] }, null],
    'job.resumed': [{}, null],
    'cause.answered': [{ cause: 'not-found', words: 'so' }, null],
    'remark.accepted': [
      { remark: 'a-remark', words: 'so' },
      act('remark.seen-to', { remark: 'a-remark' }, 0),
    ],
    'barring.chosen': [{ school: 'fewest' } as never, null],
    struck: [{ target: 'an-act' }, null],
    'pending.decided': [{ decision: 'an-act', holds: true }, null],
  };

  it('stands here with what it rests on', () => {
    const decisions = Object.keys(RULES).filter((type) => isDecision({ type: type as ActType }));
    expect(Object.keys(GROUNDS).sort()).toEqual(decisions.sort());
  });

  it.each(Object.entries(GROUNDS))('%s rests on what it should', (type, [data, fact]) => {
    const decision = act(type as ActType, data as never, 0);
    const facts = Object.values(GROUNDS).flatMap(([, one]) => one ?? []);
    if (fact) expect(restsOn(decision, fact, jobSheet)).toBe(true);
    else expect(facts.some((entry) => restsOn(decision, entry, jobSheet))).toBe(false);
    // Never on another decision.
    expect(restsOn(decision, act('liners.accepted', {}, 0), jobSheet)).toBe(false);
  });
});
