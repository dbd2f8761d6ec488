import fc from 'fast-check';
import type { Act, LoggedAct } from './act';
import { evolve, evolveAll, fold } from './evolve';
import { asSeenBy } from './seen';
import { logOf, opened } from './tests/story';

const OUT_MM = 0.4;
const FAR = 'ffff0000-0000-7000-8000-000000000001';
const opening = logOf(opened());
const first = opening[0];

/** What is done next on a long job: a reading, or something that reaches back behind much of it. */
type Step =
  | { readonly do: 'read'; readonly bore: number; readonly mm: number }
  | { readonly do: 'strike'; readonly pick: number; readonly waits: boolean }
  | { readonly do: 'accept' }
  | { readonly do: 'late'; readonly pick: number }
  | { readonly do: 'decide'; readonly pick: number; readonly holds: boolean };

const reading: fc.Arbitrary<Step> = fc.record({
  do: fc.constant('read' as const),
  bore: fc.integer({ min: 1, max: 4 }),
  // Within as a rule, and now and then far out.
  mm: fc.oneof(
    { weight: 60, arbitrary: fc.constantFrom(0.06, 0.07, 0.08) },
    { weight: 1, arbitrary: fc.constant(OUT_MM) },
  ),
});
const step: fc.Arbitrary<Step> = fc.oneof(
  { weight: 40, arbitrary: reading },
  {
    weight: 2,
    arbitrary: fc.record({
      do: fc.constant('strike' as const),
      pick: fc.nat(),
      waits: fc.boolean(),
    }),
  },
  { weight: 2, arbitrary: fc.record({ do: fc.constant('accept' as const) }) },
  { weight: 2, arbitrary: fc.record({ do: fc.constant('late' as const), pick: fc.nat() }) },
  {
    weight: 2,
    arbitrary: fc.record({
      do: fc.constant('decide' as const),
      pick: fc.nat(),
      holds: fc.boolean(),
    }),
  },
);

/** Long enough for several checkpoints, each with much before and behind it. */
const long = fc.array(step, { minLength: 560, maxLength: 600 });

function storyOf(steps: readonly Step[]): readonly LoggedAct[] {
  const log: LoggedAct[] = [...opening];
  const pickOf = (isIt: (act: LoggedAct) => boolean, pick: number): LoggedAct | undefined => {
    const some = log.filter(isIt);
    return some[pick % Math.max(1, some.length)];
  };
  for (const one of steps) {
    const made = actOf(one, pickOf);
    if (!made) continue;
    const seq = log.length + 1;
    const id = `0190f222-0000-7000-8000-${String(seq).padStart(12, '0')}`;
    log.push({ ...first, v: 1, id, seq, count: seq, receivedAt: '', ...made } as LoggedAct);
  }
  return log;
}

const isReading = ({ type }: LoggedAct): boolean => type === 'liner.read';
const isStrike = ({ type }: LoggedAct): boolean => type === 'struck';
const isAcceptance = ({ type }: LoggedAct): boolean => type === 'liners.accepted';
/** A reading that is out, or that came too late for a decision: struck, it makes a difference far behind. */
const isNotable = (act: LoggedAct): boolean =>
  act.type === 'liner.read' && (act.data.mm === OUT_MM || act.reopens !== undefined);

const reachesBack = (act: LoggedAct): boolean =>
  isStrike(act) || act.type === 'pending.decided' || act.reopens !== undefined;

function actOf(
  step: Step,
  pickOf: (isIt: (act: LoggedAct) => boolean, pick: number) => LoggedAct | undefined,
): Partial<Record<keyof LoggedAct, unknown>> | null {
  const printed = { text: '', unit: 'mm' };
  const waits = { pending: { why: { code: 'facts-unseen', count: 1 }, unseen: [] } };
  switch (step.do) {
    case 'read':
      return {
        type: 'liner.read',
        data: { bore: String(step.bore), place: 0, mm: step.mm, printed },
      };
    case 'strike': {
      const target = pickOf(step.pick % 2 === 0 ? isNotable : isReading, step.pick);
      if (!target) return null;
      return { type: 'struck', data: { target: target.id, words: 'x' }, ...(step.waits && waits) };
    }
    case 'accept':
      return { type: 'liners.accepted', data: {} };
    case 'late': {
      const decision = pickOf(isAcceptance, step.pick);
      const data = { bore: '1', place: 0, mm: 0.07, printed };
      return decision ? { type: 'liner.read', data, reopens: [decision.id] } : null;
    }
    case 'decide': {
      const decision = pickOf(step.pick % 2 === 0 ? isStrike : isAcceptance, step.pick);
      const { holds } = step;
      return decision ? { type: 'pending.decided', data: { decision: decision.id, holds } } : null;
    }
  }
}

describe('a long job with checkpoints', () => {
  it('is the same act by act, in any pieces, and all at once', () => {
    fc.assert(
      fc.property(long, fc.integer({ min: 1, max: 90 }), (steps, piece) => {
        const log = storyOf(steps);
        let stepwise = fold([]);
        for (const act of log) {
          stepwise = evolve(stepwise, act);
          // At once: whatever reaches back next would put right what this one did not.
          if (reachesBack(act)) expect(stepwise.state).toEqual(fold(stepwise.log.acts).state);
        }
        let pieces = fold([]);
        for (let at = 0; at < log.length; at += piece)
          pieces = evolveAll(pieces, log.slice(at, at + piece));
        for (const job of [stepwise, pieces]) {
          expect(job.state).toEqual(fold(log).state);
          expect(job.log.acts).toEqual(log);
          expect(job.checkpoints.length).toBeGreaterThan(1);
        }
      }),
      { numRuns: 6 },
    );
  });

  it('is, as a sender had seen it, what its acts by then and the sender’s own come to', () => {
    const devices = fc.array(fc.nat(30), { minLength: 700, maxLength: 700 });
    fc.assert(
      fc.property(long, devices, fc.nat(), (steps, chance, at) => {
        const log = storyOf(steps).map((act, place) =>
          chance[place] === 0 ? ({ ...act, device: FAR } as LoggedAct) : act,
        );
        const seenSeq = at % log.length;
        const act = { ...first, id: FAR, device: FAR, seenSeq } as Act;
        const seen = log.filter((event) => event.seq <= seenSeq || event.device === FAR);
        const own = seen.map(({ pending, ...event }): LoggedAct =>
          pending && event.seq <= seenSeq
            ? ({ ...event, pending } as LoggedAct)
            : (event as LoggedAct),
        );
        expect(asSeenBy(fold(log), act).state).toEqual(fold(own).state);
      }),
      { numRuns: 40 },
    );
  });
});
