import { z } from 'zod';
import type { BoreWearInput } from '@cardinex/core/block/boreWear';
import { STRAIGHTEDGE_LINES, type HeadFlatnessInput } from '@cardinex/core/block/headFlatness';
import type { LinerCheckInput } from '@cardinex/core/block/linerCheck';
import { RING_PLACES, type RingThicknessInput } from '@cardinex/core/block/ringThickness';
import type { EndFloatInput } from '@cardinex/core/crank/endFloat';
import type { RunningClearanceInput } from '@cardinex/core/crank/runningClearance';
import type { UndersizeInput } from '@cardinex/core/crank/undersize';
import type { BarringPlanInput } from '@cardinex/core/overhead/barringPlan';
import type { LashVerdictInput } from '@cardinex/core/overhead/lashVerdict';
import type { ScrewTurnInput } from '@cardinex/core/overhead/screwTurn';
import type { SettableInput } from '@cardinex/core/overhead/settable';
import type { CamEvents } from '@cardinex/core/overhead/valveWindows';
import type { RimInput } from '@cardinex/core/crank/rim';
import type { FeelerStackInput } from '@cardinex/core/overhead/feelerStack';
import type { WrenchChooseInput } from '@cardinex/core/tightening/wrenchChoose';
import type { AdapterSettingInput } from '@cardinex/core/tightening/adapterSetting';
import type { TightenPlanInput } from '@cardinex/core/tightening/tightenPlan';
import { plainId } from '../text';

/** Bounds that no engine leaves and no server chokes on. */
const deg = z.number('must be a number').min(-3600).max(3600);
const mm = z.number('must be a number').min(-10_000).max(10_000);
const nm = z.number('must be a number').min(-100_000).max(100_000);
const date = z.string().max(10, 'must be a date like 2026-03-31');
const strokes = z.union([z.literal(4), z.literal(2)], 'must be 4 or 2');
const window = z.strictObject({ fromDeg: deg, toDeg: deg });
const most = (count: number) => `holds more than ${count}`;

const pair = z.tuple([mm, mm], 'must be two readings');
const clearanceLimits = z.strictObject({ lowMm: mm.optional(), highMm: mm.optional() });

const overhead = {
  strokes,
  firing: z
    .array(z.strictObject({ cylinder: z.int().min(1).max(99), atDeg: deg }))
    .max(24, most(24)),
  items: z
    .array(
      z.strictObject({
        id: plainId,
        cylinder: z.int().min(1).max(99),
        kind: plainId,
        active: window,
      }),
    )
    .max(200, most(200)),
  marginDeg: deg,
};

const torqueValue = z.union([
  z.strictObject({ nm, group: plainId.optional() }),
  z.strictObject({ lowNm: nm, highNm: nm, group: plainId.optional() }),
]);
const angleValue = z.union([
  z.strictObject({ deg, group: plainId.optional() }),
  z.strictObject({ lowDeg: deg, highDeg: deg, group: plainId.optional() }),
]);
const order = z.array(plainId).max(200, most(200));
const ordered = { id: plainId, order, leaveOut: order.optional() };
const stage = z.discriminatedUnion('kind', [
  z.strictObject({
    ...ordered,
    kind: z.enum(['torque', 'check']),
    values: z.array(torqueValue).max(20, most(20)),
  }),
  z.strictObject({
    ...ordered,
    kind: z.literal('angle'),
    values: z.array(angleValue).max(20, most(20)),
  }),
  z.strictObject({ ...ordered, kind: z.literal('slacken'), byDeg: deg.optional() }),
  z.strictObject({
    ...ordered,
    kind: z.enum(['hydraulic', 'hydraulic-check']),
    bar: z.number('must be a number').min(-100_000).max(100_000).optional(),
  }),
  z.strictObject({
    id: plainId,
    kind: z.enum(['wait', 'turn-crank']),
    minutes: z.number('must be a number').max(1_000_000).optional(),
  }),
]);

/** What each reckoning takes. Unknown fields are refused, so that a misspelt limit is not dropped. */
export const reckonInputs = {
  'valve-windows': z.strictObject({
    strokes,
    ivoBtdcDeg: deg.optional(),
    ivcAbdcDeg: deg.optional(),
    evoBbdcDeg: deg,
    evcAtdcDeg: deg.optional(),
    evcAbdcDeg: deg.optional(),
    rampDeg: deg.optional(),
  }) satisfies z.ZodType<CamEvents>,
  'barring-plan': z.strictObject({
    ...overhead,
    stops: z.union(
      [z.enum(['tdc', 'any']), z.array(deg).max(720, most(720))],
      'must be "tdc", "any" or a list of degrees',
    ),
    startDeg: deg.optional(),
    prefer: z.enum(['clearance', 'barring']).optional(),
  }) satisfies z.ZodType<BarringPlanInput>,
  settable: z.strictObject({ ...overhead, atDeg: deg }) satisfies z.ZodType<SettableInput>,
  'screw-turn': z.strictObject({
    measuredMm: mm,
    targetMm: mm,
    pitchMm: mm,
    rockerRatio: z.number('must be a number').max(100),
    screwAt: z.enum(['pushrod', 'valve', 'pivot']),
    inCloses: z.boolean().optional(),
  }) satisfies z.ZodType<ScrewTurnInput>,
  'lash-verdict': z.strictObject({
    lowMm: mm,
    highMm: mm,
    foundMm: mm.optional(),
    setMm: mm.optional(),
    lockedMm: mm.optional(),
    hotMm: mm.optional(),
    hotLowMm: mm.optional(),
    hotHighMm: mm.optional(),
  }) satisfies z.ZodType<LashVerdictInput>,
  'liner-check': z.strictObject({
    bores: z
      .array(
        z.strictObject({
          id: plainId,
          bank: plainId.optional(),
          headGroup: plainId.optional(),
          readingsMm: z.array(mm).max(64, most(64)),
        }),
      )
      .max(64, most(64)),
    limits: z.strictObject({
      lowMm: mm,
      highMm: mm,
      adjacentMm: mm.optional(),
      tiltMm: mm.optional(),
      groupSpreadMm: mm.optional(),
    }),
    rise: z.enum(['none', 'either', 'up', 'down']),
  }) satisfies z.ZodType<LinerCheckInput>,
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
          group: plainId.optional(),
          oneUseStretch: z.boolean().optional(),
          angleLimitDeg: deg.optional(),
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
      .optional(),
    demands: z
      .array(
        z.strictObject({
          about: z.enum(['settle-and-check', 'after-heat', 'reuse']),
          says: z.enum(['do', 'never']),
          source: z.string().min(1).max(200),
        }),
      )
      .max(50, most(50))
      .optional(),
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
          stepNm: nm.optional(),
          calibratedOn: date.optional(),
          dueOn: date.optional(),
          points: z.array(z.strictObject({ setNm: nm, trueNm: nm })).max(50, most(50)),
        }),
      )
      .max(50, most(50)),
  }) satisfies z.ZodType<WrenchChooseInput>,
  'feeler-stack': z.strictObject({
    leavesMm: z.array(mm).max(40, most(40)),
    targetMm: mm,
    maxLeaves: z.number('must be a number'),
    toleranceMm: mm,
  }) satisfies z.ZodType<FeelerStackInput>,
  rim: z.strictObject({
    deg: z.number('must be a number').min(-36_000).max(36_000).optional(),
    mm: z.number('must be a number').min(-1e6).max(1e6).optional(),
    teeth: z.number('must be a number').min(-100_000).max(100_000).optional(),
    rimDiaMm: mm.optional(),
    teethTotal: z.number('must be a number').max(10_000).optional(),
  }) satisfies z.ZodType<RimInput>,
  'head-flatness': z.strictObject({
    readings: z
      .array(z.strictObject({ line: z.enum(STRAIGHTEDGE_LINES), gapMm: mm }))
      .max(STRAIGHTEDGE_LINES.length, most(STRAIGHTEDGE_LINES.length)),
    limitMm: mm,
    camInHead: z.boolean('must be true or false'),
    camInHeadCutAllowed: z.boolean('must be true or false').optional(),
    thicknessMm: mm.optional(),
    standardMm: mm.optional(),
    repairMm: mm.optional(),
    cutAllowanceMm: mm.optional(),
  }) satisfies z.ZodType<HeadFlatnessInput>,
  'bore-wear': z.strictObject({
    readingsMm: z.strictObject({ top: pair, middle: pair, bottom: pair }),
    nominalMm: mm,
    limits: z.strictObject({
      wearMm: mm.optional(),
      taperMm: mm.optional(),
      ovalityMm: mm.optional(),
    }),
    oversizesMm: z.array(mm).max(20, most(20)).optional(),
    cleanUpMm: mm.optional(),
  }) satisfies z.ZodType<BoreWearInput>,
  undersize: z.strictObject({
    journalMm: z.array(mm).max(50, most(50)),
    standardMm: mm,
    stepsMm: z.array(mm).max(20, most(20)),
    minimumMm: mm.optional(),
    wearMm: mm.optional(),
    cleanUpMm: mm.optional(),
  }) satisfies z.ZodType<UndersizeInput>,
  'running-clearance': z.strictObject({
    boreMm: z.array(mm).max(50, most(50)),
    journalMm: z.array(mm).max(50, most(50)),
    limits: clearanceLimits,
  }) satisfies z.ZodType<RunningClearanceInput>,
  'end-float': z.strictObject({
    forwardMm: mm,
    backMm: mm,
    limits: clearanceLimits,
  }) satisfies z.ZodType<EndFloatInput>,
  'ring-thickness': z.strictObject({
    readingsMm: z.array(mm).max(RING_PLACES, most(RING_PLACES)),
    newMm: mm.optional(),
    limits: z.strictObject({ minMm: mm, spreadMm: mm.optional() }),
  }) satisfies z.ZodType<RingThicknessInput>,
} as const;

export type ReckonName = keyof typeof reckonInputs;
