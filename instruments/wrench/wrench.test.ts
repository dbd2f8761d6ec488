import { seeded } from '@cardinex/core/quantity/seeded';
import { preload } from '@cardinex/core/tightening/preload';
import { traceVerdict, type TraceVerdictInput } from '@cardinex/core/tightening/traceVerdict';
import { clampAt, torqueAt, type BoltTrouble } from './bolt';
import { makeBolt, yieldClampKn, type BoltKind } from './makeBolt';
import { pullBolt } from './pullBolt';

const kinds: readonly BoltKind[] = [
  { thread: { diaMm: 12, pitchMm: 1.75 }, yieldMpa: 900, lengthMm: 120 },
  { thread: { diaMm: 10, pitchMm: 1.5 }, yieldMpa: 640, lengthMm: 70 },
  { thread: { diaMm: 16, pitchMm: 2 }, yieldMpa: 1080, lengthMm: 180 },
];

const TROUBLES = {
  'dirty-thread': 'stick-slip',
  bottomed: 'bottomed',
  'soft-joint': 'soft',
  'yields-early': 'yielding',
} as const;
type Said = (typeof TROUBLES)[keyof typeof TROUBLES] | 'short' | 'over' | 'sound';

/** One bolt pulled by somebody, as a trace with its plan, and what there is to be found in it. */
function drawn(seed: number, faulty: boolean): { trace: TraceVerdictInput; truth: Said } {
  const chance = seeded(seed);
  const kind = kinds[Math.floor(chance.even() * kinds.length)] ?? kinds[0];
  if (!kind) throw new Error('no kinds');
  const atKn = yieldClampKn(kind, 0.125) * (0.6 + 0.15 * chance.even());
  const faults = [...Object.keys(TROUBLES), 'short', 'over'] as const;
  const fault = faulty ? faults[Math.floor(chance.even() * faults.length)] : undefined;
  const trouble = (fault !== undefined && fault in TROUBLES ? fault : 'none') as BoltTrouble;
  const truth: Said =
    trouble !== 'none' ? TROUBLES[trouble] : ((fault as 'short' | 'over' | undefined) ?? 'sound');
  const bolt = makeBolt(kind, { trouble, atKn }, chance);
  const nominal = preload({
    ...kind.thread,
    forceKn: atKn,
    muThread: 0.125,
    muHead: 0.125,
    bearingOuterMm: kind.thread.diaMm * 1.5,
    bearingHoleMm: kind.thread.diaMm * 1.1,
  }).torqueNm;
  const snugNm = nominal * 0.15;
  const turn = makeBolt(kind, { trouble: 'none', atKn }, seeded(1));
  const angleDeg = atKn / turn.knPerDeg;
  const slips =
    fault === 'short'
      ? 0.6 + 0.25 * chance.even()
      : fault === 'over'
        ? 1.15 + 0.2 * chance.even()
        : 1;
  const byTurn = chance.even() < 0.5;
  if (byTurn) {
    const pull = pullBolt(bolt, 0, { deg: angleDeg * slips, fromNm: snugNm }, chance);
    return {
      trace: {
        samples: pull.samples,
        plan: { snugNm, angleDeg, lowNm: nominal * 0.72, highNm: nominal * 1.4 },
      },
      truth,
    };
  }
  const pull = pullBolt(bolt, 0, { nm: nominal * slips }, chance);
  return {
    trace: { samples: pull.samples, plan: { snugNm, angleDeg, finalNm: nominal } },
    truth,
  };
}

const SEEDS = Array.from({ length: 400 }, (_, at) => at + 1);

it('names the fault in at least 95 of 100 faulty pulls', () => {
  const wrong = SEEDS.map((seed) => ({ seed, ...drawn(seed, true) }))
    .map(({ seed, trace, truth }) => ({ seed, truth, said: traceVerdict(trace).verdict }))
    .filter(({ truth, said }) => truth !== said);
  expect(wrong.slice(0, Math.max(0, wrong.length - SEEDS.length * 0.05))).toEqual([]);
});

it('calls at most 2 of 100 sound pulls faulty', () => {
  const wrong = SEEDS.map((seed) => traceVerdict(drawn(seed + 10_000, false).trace).verdict).filter(
    (text) => text !== 'sound',
  );
  expect(wrong.length).toBeLessThanOrEqual(SEEDS.length * 0.02);
});

it('a bolt clamps only past its seat, and ever less readily once it stretches', () => {
  const [kind] = kinds;
  if (!kind) throw new Error('no kinds');
  const bolt = makeBolt(kind, { trouble: 'none', atKn: 40 }, seeded(3));
  expect(clampAt(bolt, bolt.seatDeg)).toBe(0);
  expect(torqueAt(bolt, bolt.seatDeg - 1)).toBe(0);
  const gain = (deg: number): number => clampAt(bolt, deg + 1) - clampAt(bolt, deg);
  const yieldsAt = bolt.seatDeg + bolt.yieldKn / bolt.knPerDeg + 10;
  expect(gain(bolt.seatDeg + 50)).toBeCloseTo(bolt.knPerDeg, 9);
  expect(gain(yieldsAt)).toBeLessThan(bolt.knPerDeg / 5);
});

it('the same seed pulls the same bolt', () => {
  expect(drawn(7, true)).toEqual(drawn(7, true));
});
