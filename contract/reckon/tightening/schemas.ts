import type { TightenPlanInput } from '@cardinex/core/tightening/tightenPlanInput';
import { z } from 'zod';
import type { AdapterSettingInput } from '@cardinex/core/tightening/adapterSetting';
import type { AnglePreloadInput } from '@cardinex/core/tightening/anglePreload';
import type { ClampSimulateInput } from '@cardinex/core/tightening/clampSimulate';
import type { NutTravelInput } from '@cardinex/core/tightening/nutTravel';
import type { orderPropose } from '@cardinex/core/tightening/orderPropose';
import type { PreloadInput } from '@cardinex/core/tightening/preload';
import type { TensionerInput } from '@cardinex/core/tightening/tensioner';
import type { TraceVerdictInput } from '@cardinex/core/tightening/traceVerdict';
import type { WrenchChooseInput } from '@cardinex/core/tightening/wrenchChoose';
import { plainId } from '../../text';
import { date, deg, mm, most, nm } from '../bounds';

const kn = z.number('must be a number').min(-100_000).max(100_000);
const mpa = z.number('must be a number').min(-100_000).max(100_000);
const bar = z.number('must be a number').min(-100_000).max(100_000);
const holes = z.number('must be a number').min(-10_000).max(10_000);
const friction = z.number('must be a number').min(-10).max(10);
const frictionRange = z.tuple([friction, friction], 'must be the lowest and the highest');
const thread = { diaMm: mm, pitchMm: mm };
const placed = z.strictObject({ id: plainId, xMm: mm, yMm: mm });
const scatter = z.number('must be a number').min(-10).max(10);
const share = z.number('must be a number').min(-1).max(1000);
const shares = z
  .array(z.strictObject({ id: plainId, share }))
  .max(100, most(100))
  .exactOptional();
const clampStage = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('load'), kn, scatter, shares }),
  z.strictObject({ kind: z.literal('angle'), knPerDeg: kn, deg, scatter, shares }),
  z.strictObject({ kind: z.literal('slacken') }),
]);

const torqueValue = z.union([
  z.strictObject({ nm, group: plainId.exactOptional() }),
  z.strictObject({ lowNm: nm, highNm: nm, group: plainId.exactOptional() }),
]);
const angleValue = z.union([
  z.strictObject({ deg, group: plainId.exactOptional() }),
  z.strictObject({ lowDeg: deg, highDeg: deg, group: plainId.exactOptional() }),
]);
const order = z.array(plainId).max(200, most(200));
const ordered = {
  id: plainId,
  order,
  leaveOut: order.exactOptional(),
  farSide: order.exactOptional(),
};
const together = z.literal(true).exactOptional();
const stage = z.discriminatedUnion('kind', [
  z.strictObject({
    ...ordered,
    kind: z.enum(['torque', 'check']),
    values: z.array(torqueValue).max(20, most(20)),
    together,
  }),
  z.strictObject({
    ...ordered,
    kind: z.literal('angle'),
    values: z.array(angleValue).max(20, most(20)),
    together,
  }),
  z.strictObject({ ...ordered, kind: z.literal('slacken'), byDeg: deg.exactOptional() }),
  z.strictObject({
    ...ordered,
    kind: z.enum(['hydraulic', 'hydraulic-check']),
    bar: bar.exactOptional(),
  }),
  z.strictObject({
    id: plainId,
    kind: z.enum(['wait', 'turn-crank']),
    minutes: z.number('must be a number').max(1_000_000).exactOptional(),
  }),
]);

/** What each reckoning of tightening takes. */
export const tighteningInputs = {
  'tighten-plan': z.strictObject({
    set: plainId,
    instance: plainId,
    fasteners: z
      .array(
        z.strictObject({
          id: plainId,
          number: plainId,
          xMm: mm,
          yMm: mm,
          group: plainId.exactOptional(),
          oneUseStretch: z.boolean().exactOptional(),
          angleLimitDeg: deg.exactOptional(),
        }),
      )
      .max(200, most(200)),
    programme: z.strictObject({
      id: plainId,
      cycles: z
        .array(z.strictObject({ id: plainId, stages: z.array(stage).max(20, most(20)) }))
        .max(10, most(10)),
    }),
    wrenches: z
      .array(z.strictObject({ id: plainId, lowNm: nm, highNm: nm }))
      .max(50, most(50))
      .exactOptional(),
    demands: z
      .array(
        z.strictObject({
          about: z.enum(['settle-and-check', 'after-heat', 'reuse']),
          says: z.enum(['do', 'never']),
          source: z.string().min(1).max(200),
        }),
      )
      .max(50, most(50))
      .exactOptional(),
  }) satisfies z.ZodType<TightenPlanInput>,
  'adapter-setting': z.strictObject({
    targetNm: nm,
    wrenchMm: mm,
    adapterMm: mm,
    adapterDeg: deg,
  }) satisfies z.ZodType<AdapterSettingInput>,
  'wrench-choose': z.strictObject({
    targetNm: nm,
    on: date,
    wrenches: z
      .array(
        z.strictObject({
          id: plainId,
          lowNm: nm,
          highNm: nm,
          stepNm: nm.exactOptional(),
          calibratedOn: date.exactOptional(),
          dueOn: date.exactOptional(),
          points: z.array(z.strictObject({ setNm: nm, trueNm: nm })).max(50, most(50)),
        }),
      )
      .max(50, most(50)),
  }) satisfies z.ZodType<WrenchChooseInput>,
  'order-propose': z.strictObject({
    fasteners: z.array(placed).max(200, most(200)),
    pattern: z.enum(['spiral', 'cross', 'rows']),
  }) satisfies z.ZodType<Parameters<typeof orderPropose>[0]>,
  preload: z.strictObject({
    ...thread,
    torqueNm: nm.exactOptional(),
    forceKn: kn.exactOptional(),
    muThread: friction,
    muHead: friction,
    bearingOuterMm: mm,
    bearingHoleMm: mm,
    yieldMpa: mpa.exactOptional(),
    muThreadRange: frictionRange.exactOptional(),
    muHeadRange: frictionRange.exactOptional(),
  }) satisfies z.ZodType<PreloadInput>,
  'angle-preload': z.strictObject({
    startKn: kn,
    angleDeg: deg,
    pitchMm: mm,
    fastenerKnPerMm: kn,
    jointKnPerMm: kn,
  }) satisfies z.ZodType<AnglePreloadInput>,
  tensioner: z.strictObject({
    pressureBar: bar,
    areaMm2: z.number('must be a number').min(-1e7).max(1e7),
    studMm: mm,
    stretchLengthMm: mm,
    modulusGpa: z.number('must be a number').min(-1000).max(1000),
    pitchMm: mm,
    holesPerTurn: holes.exactOptional(),
    transferLoss: z.number('must be a number').min(-1).max(1),
    yieldMpa: mpa.exactOptional(),
  }) satisfies z.ZodType<TensionerInput>,
  'nut-travel': z.strictObject({
    nuts: z.array(z.strictObject({ id: plainId, holes })).max(200, most(200)),
    toleranceHoles: holes,
    expectedHoles: holes.exactOptional(),
  }) satisfies z.ZodType<NutTravelInput>,
  'clamp-simulate': z.strictObject({
    fasteners: z.array(placed).max(100, most(100)),
    order: z.array(plainId).max(100, most(100)),
    stages: z.array(clampStage).max(20, most(20)),
    interaction: z.number('must be a number').min(-10).max(10),
    decayMm: mm,
    trials: z.number('must be a number').min(-1).max(1_000_000),
    seed: z
      .number('must be a number')
      .min(-(2 ** 53))
      .max(2 ** 53),
  }) satisfies z.ZodType<ClampSimulateInput>,
  'trace-verdict': z.strictObject({
    samples: z.array(z.strictObject({ deg, nm })).max(20_000, most(20_000)),
    plan: z.strictObject({
      snugNm: nm,
      angleDeg: deg.exactOptional(),
      finalNm: nm.exactOptional(),
      lowNm: nm.exactOptional(),
      highNm: nm.exactOptional(),
    }),
  }) satisfies z.ZodType<TraceVerdictInput>,
} as const;
