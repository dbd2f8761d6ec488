import { traceVerdict, type TraceSample, type TraceVerdictInput } from './traceVerdict';

/** A trace drawn by hand: torque as a function of the turn. */
const trace = (nm: (deg: number) => number, upTo: number, step = 1): TraceSample[] =>
  Array.from({ length: Math.floor(upTo / step) + 1 }, (_, at) => ({
    deg: at * step,
    nm: nm(at * step),
  }));
/** Runs down loosely for thirty degrees, then clamps by so much a degree. */
const clamps = (slope: number) => (deg: number) => (deg < 30 ? 2 : 2 + (deg - 30) * slope);

const judge = (
  samples: TraceSample[],
  plan: Partial<TraceVerdictInput['plan']> = { finalNm: 80 },
) => traceVerdict({ samples, plan: { snugNm: 10, ...plan } });

it('a straight pull to its torque is sound, with its seat and slope', () => {
  const found = judge(trace(clamps(1), 108));
  expect(found).toMatchObject({ verdict: 'sound', drops: 0, yieldedAt: null, peakNm: 80 });
  expect(found.seatedAt?.deg).toBeCloseTo(38, 6);
  expect(found.seatedAt?.nm).toBe(10);
  expect(found.turnedDeg).toBeCloseTo(70, 6);
  expect(found.slopeNmPerDeg).toBeCloseTo(1, 6);
});

it('is judged alike whether it was sampled fast or slow', () => {
  const shape = (deg: number): number => (deg < 80 ? clamps(1)(deg) : 52 + (deg - 80) * 0.2);
  const verdicts = [0.25, 0.5, 1, 2, 4].map((step) => judge(trace(shape, 200, step)).verdict);
  expect(new Set(verdicts)).toEqual(new Set(['yielding']));
});

it('stretching for good: the slope falls and stays low, from where it fell', () => {
  const found = judge(trace((deg) => (deg < 80 ? clamps(1)(deg) : 52 + (deg - 80) * 0.15), 200));
  expect(found.verdict).toBe('yielding');
  expect(Math.abs((found.yieldedAt?.deg ?? 0) - 80)).toBeLessThan(20);
});

it('stretching is meant where a turn is asked and the torque at its end is as printed', () => {
  const samples = trace((deg) => (deg < 100 ? clamps(1)(deg) : 72 + (deg - 100) * 0.1), 158);
  const turn = { angleDeg: 120, lowNm: 60, highNm: 100 };
  expect(judge(samples, turn).verdict).toBe('sound');
  expect(judge(samples, { angleDeg: 120 }).verdict).toBe('yielding');
  expect(judge(samples, { ...turn, lowNm: 90 }).verdict).toBe('yielding');
});

it('bottomed: all at once far steeper', () => {
  const found = judge(trace((deg) => (deg < 70 ? clamps(0.5)(deg) : 22 + (deg - 70) * 3), 90));
  expect(found.verdict).toBe('bottomed');
});

it('bottomed: at its torque long before the turn it should take', () => {
  expect(judge(trace(clamps(3), 56), { finalNm: 80, angleDeg: 70 }).verdict).toBe('bottomed');
});

it.each([
  ['at 97 %', 97.1],
  ['just under it', 99.9],
  ['at its torque', 100],
])('bottomed: %s after 80 of the 200 degrees expected', (_, arrivedNm) => {
  const samples = trace((deg) => (deg / 80) * arrivedNm, 80);
  const plan = { snugNm: 1, finalNm: 100, angleDeg: 200 };
  expect(traceVerdict({ samples, plan }).verdict).toBe('bottomed');
});

describe('before it seats', () => {
  const up = Array.from({ length: 101 }, (_, nm) => ({ deg: 20 + nm, nm }));
  const before = (nm: (deg: number) => number): TraceSample[] =>
    Array.from({ length: 20 }, (_, deg) => ({ deg, nm: nm(deg) }));
  const plan = { snugNm: 20, finalNm: 100 };

  it.each([
    ['the noise of an empty thread', before((deg) => 0.1 * (deg % 2))],
    ['a locking nut’s even drag', before(() => 5)],
    ['a locking nut’s rough drag', before((deg) => 5 + (deg % 3))],
  ])('%s is not stick and slip', (_, dragging) => {
    expect(traceVerdict({ samples: [...dragging, ...up], plan })).toMatchObject({
      verdict: 'sound',
      drops: 0,
    });
  });

  it('falling back once it has seated still is', () => {
    const slipping = up.map(({ deg, nm }) => ({ deg, nm: nm > 30 && nm % 10 < 3 ? nm - 12 : nm }));
    expect(traceVerdict({ samples: slipping, plan }).verdict).toBe('stick-slip');
  });
});

it('soft: far more turn than expected, or too little torque for the turn', () => {
  expect(judge(trace(clamps(0.4), 225), { finalNm: 80, angleDeg: 70 }).verdict).toBe('soft');
  const turned = judge(trace(clamps(0.3), 150), { angleDeg: 90, lowNm: 60, highNm: 110 });
  expect(turned.verdict).toBe('soft');
});

it('stick and slip: it falls back again and again', () => {
  const jerky = (deg: number): number => clamps(1)(deg) * (1 + 0.12 * ((deg % 8) / 8 - 0.5) * 2);
  const found = judge(trace(jerky, 112));
  expect(found.verdict).toBe('stick-slip');
  expect(found.drops).toBeGreaterThanOrEqual(3);
});

it('a bolt let go once and taken up again is no stick and slip', () => {
  const samples = trace((deg) => (deg > 60 && deg < 64 ? 20 : clamps(1)(deg)), 108);
  expect(judge(samples)).toMatchObject({ verdict: 'sound', drops: 1 });
});

it.each<[string, number, Partial<TraceVerdictInput['plan']>]>([
  ['short', 95, { finalNm: 80 }],
  ['sound', 106, { finalNm: 80 }],
  ['over', 116, { finalNm: 80 }],
  ['short', 120, { angleDeg: 90 }],
  ['sound', 125, { angleDeg: 90 }],
  ['over', 140, { angleDeg: 90 }],
  ['over', 128, { angleDeg: 90, highNm: 95 }],
])('%s, when it ends at %s degrees', (verdict, upTo, plan) => {
  expect(judge(trace(clamps(1), upTo), plan).verdict).toBe(verdict);
});

it('a bolt that never seats is short, and has no slope', () => {
  const found = judge(trace(() => 3, 200));
  expect(found).toMatchObject({ verdict: 'short', seatedAt: null, slopeNmPerDeg: null });
});

it.each<[string, TraceVerdictInput]>([
  ['samples', { samples: trace(clamps(1), 3), plan: { snugNm: 10, finalNm: 80 } }],
  [
    'samples[40].deg',
    {
      samples: trace(clamps(1), 90).map((sample, at) =>
        at === 40 ? { ...sample, deg: 12 } : sample,
      ),
      plan: { snugNm: 10, finalNm: 80 },
    },
  ],
  ['plan.snugNm', { samples: trace(clamps(1), 90), plan: { snugNm: 0, finalNm: 80 } }],
  ['plan.angleDeg', { samples: trace(clamps(1), 90), plan: { snugNm: 10 } }],
  [
    'plan.highNm',
    { samples: trace(clamps(1), 90), plan: { snugNm: 10, angleDeg: 90, lowNm: 5, highNm: 4 } },
  ],
])('names %s', (field, input) => {
  let caught: unknown;
  try {
    traceVerdict(input);
  } catch (error) {
    caught = error;
  }
  expect(caught).toMatchObject({ field });
});
