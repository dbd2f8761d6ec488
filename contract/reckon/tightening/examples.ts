import type { z } from 'zod';
import type { tighteningInputs } from './schemas';

type Inputs = {
  readonly [N in keyof typeof tighteningInputs]: z.infer<(typeof tighteningInputs)[N]>;
};

const fasteners = Array.from({ length: 10 }, (_, at) => ({
  id: `b${at + 1}`,
  xMm: Math.floor(at / 2) * 110,
  yMm: (at % 2) * 130,
}));

/** One request for each reckoning of tightening. */
export const tighteningExamples: Inputs = {
  'tighten-plan': {
    set: 'head',
    instance: '1',
    fasteners: [
      { id: 'a', number: '1', xMm: 0, yMm: 0 },
      { id: 'b', number: '2', xMm: 100, yMm: 0 },
    ],
    programme: {
      id: 'main',
      cycles: [
        {
          id: '1',
          stages: [
            { id: 's1', kind: 'torque', order: ['a', 'b'], values: [{ nm: 45 }] },
            { id: 's2', kind: 'torque', order: ['a', 'b'], values: [{ lowNm: 80, highNm: 90 }] },
          ],
        },
      ],
    },
    wrenches: [{ id: 'w3', lowNm: 20, highNm: 100 }],
  },
  'adapter-setting': { targetNm: 85, wrenchMm: 420, adapterMm: 60, adapterDeg: 0 },
  'wrench-choose': {
    targetNm: 85,
    on: '2026-06-15',
    wrenches: [
      {
        id: 'w3',
        lowNm: 20,
        highNm: 100,
        stepNm: 1,
        calibratedOn: '2026-01-12',
        dueOn: '2027-01-11',
        points: [
          { setNm: 40, trueNm: 40.6 },
          { setNm: 80, trueNm: 81.8 },
        ],
      },
      { id: 'w5', lowNm: 40, highNm: 200, points: [] },
    ],
  },
  'order-propose': { fasteners, pattern: 'spiral' },
  preload: {
    torqueNm: 85,
    diaMm: 12,
    pitchMm: 1.75,
    muThread: 0.12,
    muHead: 0.12,
    bearingOuterMm: 18,
    bearingHoleMm: 13.5,
    yieldMpa: 900,
    muThreadRange: [0.1, 0.16],
    muHeadRange: [0.1, 0.16],
  },
  'angle-preload': {
    startKn: 20,
    angleDeg: 90,
    pitchMm: 1.75,
    fastenerKnPerMm: 180,
    jointKnPerMm: 720,
  },
  tensioner: {
    pressureBar: 1000,
    areaMm2: 1600,
    studMm: 36,
    stretchLengthMm: 600,
    modulusGpa: 205,
    pitchMm: 3,
    holesPerTurn: 6,
    transferLoss: 0.1,
    yieldMpa: 700,
  },
  'nut-travel': {
    nuts: [2, 2, 3, 2, 2, 2, 2, 2].map((holes, at) => ({ id: `${at + 1}`, holes })),
    toleranceHoles: 0.5,
    expectedHoles: 2,
  },
  'clamp-simulate': {
    fasteners,
    order: ['b5', 'b6', 'b3', 'b8', 'b4', 'b7', 'b1', 'b10', 'b2', 'b9'],
    stages: [
      { kind: 'load', kn: 30, scatter: 0.12 },
      { kind: 'load', kn: 60, scatter: 0.12 },
    ],
    interaction: 0.15,
    decayMm: 120,
    trials: 500,
    seed: 1,
  },
  'trace-verdict': {
    samples: Array.from({ length: 60 }, (_, at) => ({
      deg: at * 2,
      nm: at < 15 ? 2 : at < 45 ? 2 + (at - 15) * 2 : 62 + (at - 45) * 0.4,
    })),
    plan: { snugNm: 10, finalNm: 66 },
  },
};
