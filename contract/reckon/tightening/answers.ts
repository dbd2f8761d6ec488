import { z } from 'zod';

const id = z.string();
const reason = z.string().describe('The finding in a sentence');

const wrenchSetting = z.strictObject({
  id,
  settingNm: z.number(),
  errorNm: z.number(),
  inRange: z.boolean(),
  inDate: z.boolean(),
  dates: z.enum(['in-date', 'out-of-date', 'unknown']),
  beyondPoints: z.boolean(),
  shareOfRange: z.number(),
});
const tensionStage = {
  bar: z.number(),
  jackLoadKn: z.number(),
  loadLeftKn: z.number(),
  stressMpa: z.number(),
  stretchMm: z.number(),
  nutTurnDeg: z.number(),
  holes: z.number().exactOptional(),
};
const sample = z.strictObject({ deg: z.number(), nm: z.number() });

/** What each reckoning of tightening answers over HTTP. */
export const tighteningAnswers = {
  'tighten-plan': z.strictObject({
    acts: z.array(
      z.strictObject({
        key: id,
        cycle: id,
        stage: id,
        fastener: id,
        kind: z.enum([
          'torque',
          'check',
          'angle',
          'slacken',
          'hydraulic',
          'hydraulic-check',
          'wait',
          'turn-crank',
        ]),
        nm: z.number().exactOptional(),
        lowNm: z.number().exactOptional(),
        highNm: z.number().exactOptional(),
        deg: z.number().exactOptional(),
        lowDeg: z.number().exactOptional(),
        highDeg: z.number().exactOptional(),
        bar: z.number().exactOptional(),
        minutes: z.number().exactOptional(),
        together: z.literal(true).exactOptional(),
        from: z.enum(['near', 'far']).exactOptional(),
      }),
    ),
    findings: z.array(z.looseObject({ code: z.string(), reason })),
    reason,
  }),
  'adapter-setting': z.strictObject({ settingNm: z.number() }),
  'wrench-choose': z.strictObject({
    wrenches: z.array(wrenchSetting.extend({ reason })),
    choice: wrenchSetting.nullable(),
    reason,
  }),
  'order-propose': z.strictObject({ order: z.array(id), reason }),
  preload: z.strictObject({
    torqueNm: z.number(),
    forceKn: z.number(),
    stressAreaMm2: z.number(),
    sigmaMpa: z.number(),
    tauMpa: z.number(),
    vonMisesMpa: z.number(),
    shareOfYield: z.number().exactOptional(),
    band: z.strictObject({ lowKn: z.number(), highKn: z.number() }).exactOptional(),
    shares: z.strictObject({ clamp: z.number(), thread: z.number(), head: z.number() }),
    reason,
  }),
  'angle-preload': z.strictObject({
    addedKn: z.number(),
    endKn: z.number(),
    travelMm: z.number(),
    knPerDeg: z.number(),
    reason,
  }),
  tensioner: z.strictObject({
    ...tensionStage,
    shareOfYield: z.number().exactOptional(),
    stages: z.array(z.strictObject(tensionStage)),
    checkBar: z.number(),
    reason,
  }),
  'nut-travel': z.strictObject({
    medianHoles: z.number(),
    nuts: z.array(
      z.strictObject({
        id,
        holes: z.number(),
        offHoles: z.number(),
        verdict: z.enum(['alike', 'odd', 'not-judged']),
      }),
    ),
    findings: z.array(z.enum(['alike', 'odd', 'too-few', 'all-off'])),
    reason,
  }),
  'clamp-simulate': z.strictObject({
    stages: z.array(
      z.strictObject({
        kind: z.enum(['load', 'angle', 'slacken']),
        bolts: z.array(
          z.strictObject({ id, meanKn: z.number(), lowKn: z.number(), highKn: z.number() }),
        ),
        spreadKn: z.number(),
      }),
    ),
    reason,
  }),
  'trace-verdict': z.strictObject({
    verdict: z.enum(['sound', 'yielding', 'bottomed', 'soft', 'stick-slip', 'short', 'over']),
    seatedAt: sample.nullable(),
    turnedDeg: z.number(),
    peakNm: z.number(),
    slopeNmPerDeg: z.number().nullable(),
    yieldedAt: sample.nullable(),
    drops: z.number(),
    reason,
  }),
} as const;
