import { anglePreload } from '@cardinex/core/tightening/anglePreload';
import { nutTravel } from '@cardinex/core/tightening/nutTravel';
import { preload } from '@cardinex/core/tightening/preload';
import { tensioner } from '@cardinex/core/tightening/tensioner';
import type { TraceVerdict } from '@cardinex/core/tightening/traceVerdict';
import {
  anglePreloadSentence,
  clampForce,
  clampSentence,
  nutTravelSentence,
  orderSentence,
  preloadSentence,
  tensionerSentence,
  traceSentence,
} from './clamp';
import { holesText } from './holes';
import { METRIC } from './quantity';

const FEET = { ...METRIC, torque: 'lbf·ft' as const, pressure: 'psi' as const };
const bolt = {
  diaMm: 12,
  pitchMm: 1.75,
  muThread: 0.12,
  muHead: 0.12,
  bearingOuterMm: 18,
  bearingHoleMm: 13.5,
};

it('a clamp has tenths while they matter', () => {
  expect([clampForce(43.012), clampForce(99.94), clampForce(162)]).toEqual([
    '43.0 kN',
    '99.9 kN',
    '162 kN',
  ]);
});

it('a torque as its clamp, the band of its friction, and how hard the bolt is worked', () => {
  const found = preload({
    ...bolt,
    torqueNm: 85,
    yieldMpa: 900,
    muThreadRange: [0.1, 0.16],
    muHeadRange: [0.1, 0.16],
  });
  const text = preloadSentence(found);
  expect(text).toContain('85 N·m clamps with 43.0 kN.');
  expect(text).toMatch(
    /Between the roughest and the slipperiest thread that is 3\d\.\d kN to 5\d\.\d kN\./,
  );
  expect(text).toContain('69 % of its yield.');
  expect(preloadSentence(found, FEET)).toContain('63 lbf·ft clamps');
});

it('says it when the bolt would stretch for good', () => {
  expect(preloadSentence(preload({ ...bolt, torqueNm: 140, yieldMpa: 900 }))).toContain(
    'it stretches for good',
  );
});

it('a turn as what it adds', () => {
  const found = anglePreload({
    startKn: 20,
    angleDeg: 90,
    pitchMm: 1.75,
    fastenerKnPerMm: 180,
    jointKnPerMm: 720,
  });
  expect(anglePreloadSentence(found)).toBe(
    'The turn adds 63.0 kN: 83.0 kN in all, 0.70 kN for each degree, as long as nothing yields.',
  );
});

describe('a jack', () => {
  const jack = {
    pressureBar: 1000,
    areaMm2: 1600,
    studMm: 36,
    stretchLengthMm: 600,
    modulusGpa: 205,
    pitchMm: 3,
    transferLoss: 0.1,
  };

  it('in load, stretch and travel of the nut', () => {
    const text = tensionerSentence(tensioner({ ...jack, holesPerTurn: 6 }));
    expect(text).toContain('160 kN on each jack, 144 kN left in the stud.');
    expect(text).toContain('0.9 holes from hand tight');
    expect(text).toContain('First 500 bar, then 1000 bar');
  });

  it('warns beyond the yield of the stud', () => {
    expect(tensionerSentence(tensioner({ ...jack, yieldMpa: 100 }))).toContain('do not press it');
  });
});

describe('nuts', () => {
  const sentenceOf = (holes: number[], expectedHoles?: number) =>
    nutTravelSentence(
      nutTravel({
        nuts: holes.map((went, at) => ({ id: `${at + 1}`, holes: went })),
        toleranceHoles: 0.5,
        ...(expectedHoles !== undefined && { expectedHoles }),
      }),
    );

  it('the odd one by its number, and what to do', () => {
    expect(sentenceOf([2, 2, 3, 2])).toMatch(
      /^Nut 3 went 3 holes, the others 2 holes: let the pressure off/,
    );
  });

  it('all alike, too few, and all away from what is expected', () => {
    expect(sentenceOf([2, 2, 2])).toBe('All nuts went 2 holes, within what they may differ.');
    expect(sentenceOf([2, 2])).toContain('Under three nuts');
    expect(sentenceOf([1, 1, 1], 3)).toContain('1 hole is not what was expected');
  });

  it('parts of a hole are told', () => {
    expect([holesText(1), holesText(2.5)]).toEqual(['1 hole', '2.5 holes']);
  });
});

it('an order says its rule, and that the manual comes first', () => {
  for (const pattern of ['spiral', 'cross', 'rows'] as const)
    expect(orderSentence(pattern)).toContain('the manual’s order comes before it');
});

it('a simulation is told stage by stage', () => {
  const stage = (spreadKn: number) => ({ kind: 'load' as const, bolts: [], spreadKn });
  expect(clampSentence({ stages: [stage(8), stage(3)] })).toBe(
    'After stage 1: 8.0 kN between tightest and slackest and stage 2: 3.0 kN between tightest and slackest.',
  );
});

describe('a trace', () => {
  const found = (more: Partial<TraceVerdict>): TraceVerdict => ({
    verdict: 'sound',
    seatedAt: { deg: 30, nm: 10 },
    turnedDeg: 70,
    peakNm: 85,
    slopeNmPerDeg: 1.2,
    yieldedAt: null,
    drops: 0,
    ...more,
  });

  it('says what to do first, then what it saw', () => {
    expect(traceSentence(found({}))).toBe(
      'Sound: it seated, and clamped evenly. Seated at 10 N·m, turned 70° from there, 85 N·m at the most, 1.20 N·m for each degree.',
    );
    expect(traceSentence(found({ verdict: 'yielding', yieldedAt: { deg: 60, nm: 70 } }))).toMatch(
      /^It began to stretch for good at 70 N·m\. Take it out, and do not use it again\./,
    );
  });

  it('each verdict has words of its own', () => {
    const verdicts = ['bottomed', 'soft', 'stick-slip', 'short', 'over'] as const;
    const sentences = verdicts.map((verdict) => traceSentence(found({ verdict })));
    expect(new Set(sentences).size).toBe(verdicts.length);
  });

  it('one that never seated has no slope to tell of', () => {
    const never = found({ verdict: 'short', seatedAt: null, slopeNmPerDeg: null });
    expect(traceSentence(never)).toContain('It never seated');
  });
});
