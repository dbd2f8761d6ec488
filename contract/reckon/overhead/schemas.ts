import { z } from 'zod';
import type { BarringPlanInput } from '@cardinex/core/overhead/barringPlan';
import type { FeelerStackInput } from '@cardinex/core/overhead/feelerStack';
import type { HydraulicPreloadInput } from '@cardinex/core/overhead/hydraulicPreload';
import type { InjectorSettingInput } from '@cardinex/core/overhead/injectorSetting';
import type { LashTrendInput } from '@cardinex/core/overhead/lashTrend';
import type { LashVerdictInput } from '@cardinex/core/overhead/lashVerdict';
import type { ScrewTurnInput } from '@cardinex/core/overhead/screwTurn';
import type { SettableInput } from '@cardinex/core/overhead/settable';
import type { StandOutInput } from '@cardinex/core/overhead/standOut';
import type { TappetShimsInput } from '@cardinex/core/overhead/tappetShims';
import type { CamEvents } from '@cardinex/core/overhead/valveWindows';
import { plainId } from '../../text';
import { deg, mm, most, strokes, window } from '../bounds';

const cylinder = z.int('must be a whole number').min(1).max(99);
const overhead = {
  strokes,
  firing: z.array(z.strictObject({ cylinder, atDeg: deg })).max(24, most(24)),
  items: z
    .array(z.strictObject({ id: plainId, cylinder, kind: plainId, active: window }))
    .max(200, most(200)),
  marginDeg: deg,
};
const ratio = z.number('must be a number').max(100);
const turns = z.number('must be a number').min(-1000).max(1000);
const screwAt = z.enum(['pushrod', 'valve', 'pivot']);
const hours = z.number('must be a number').min(-1).max(1_000_000);

/** What each reckoning of the overhead takes. */
export const overheadInputs = {
  'valve-windows': z.strictObject({
    strokes,
    ivoBtdcDeg: deg.exactOptional(),
    ivcAbdcDeg: deg.exactOptional(),
    evoBbdcDeg: deg,
    evcAtdcDeg: deg.exactOptional(),
    evcAbdcDeg: deg.exactOptional(),
    rampDeg: deg.exactOptional(),
  }) satisfies z.ZodType<CamEvents>,
  'barring-plan': z.strictObject({
    ...overhead,
    stops: z.union(
      [z.enum(['tdc', 'any']), z.array(deg).max(720, most(720))],
      'must be "tdc", "any" or a list of degrees',
    ),
    startDeg: deg.exactOptional(),
    prefer: z.enum(['clearance', 'barring']).exactOptional(),
  }) satisfies z.ZodType<BarringPlanInput>,
  settable: z.strictObject({ ...overhead, atDeg: deg }) satisfies z.ZodType<SettableInput>,
  'screw-turn': z.strictObject({
    measuredMm: mm,
    targetMm: mm,
    pitchMm: mm,
    rockerRatio: ratio,
    screwAt,
    inCloses: z.boolean().exactOptional(),
  }) satisfies z.ZodType<ScrewTurnInput>,
  'hydraulic-preload': z.strictObject({
    pitchMm: mm,
    turns,
    screwAt,
    rockerRatio: ratio,
    plungerTravelMm: mm,
  }) satisfies z.ZodType<HydraulicPreloadInput>,
  'injector-setting': z.discriminatedUnion(
    'method',
    [
      z.strictObject({ method: z.literal('turn'), turns }),
      z.strictObject({ method: z.literal('height'), gaugeMm: mm, measuredMm: mm, pitchMm: mm }),
    ],
    { error: 'must have a method: turn or height' },
  ) satisfies z.ZodType<InjectorSettingInput>,
  'feeler-stack': z.strictObject({
    leavesMm: z.array(mm).max(40, most(40)),
    targetMm: mm,
    maxLeaves: z.number('must be a number'),
    toleranceMm: mm,
  }) satisfies z.ZodType<FeelerStackInput>,
  'lash-verdict': z.strictObject({
    lowMm: mm,
    highMm: mm,
    foundMm: mm.exactOptional(),
    setMm: mm.exactOptional(),
    lockedMm: mm.exactOptional(),
    hotMm: mm.exactOptional(),
    hotLowMm: mm.exactOptional(),
    hotHighMm: mm.exactOptional(),
  }) satisfies z.ZodType<LashVerdictInput>,
  'stand-out': z.strictObject({
    items: z
      .array(z.strictObject({ id: plainId, mm, kind: plainId.exactOptional() }))
      .max(200, most(200)),
    limitMm: mm.exactOptional(),
  }) satisfies z.ZodType<StandOutInput>,
  'tappet-shims': z.strictObject({
    valves: z
      .array(z.strictObject({ id: plainId, measuredMm: mm, fittedMm: mm }))
      .max(60, most(60)),
    lowMm: mm,
    highMm: mm,
    targetMm: mm.exactOptional(),
    stock: z
      .array(z.strictObject({ mm, count: z.number('must be a number').min(-1).max(10_000) }))
      .max(100, most(100)),
  }) satisfies z.ZodType<TappetShimsInput>,
  'lash-trend': z.strictObject({
    readings: z.array(z.strictObject({ hours, mm, setMm: mm.exactOptional() })).max(500, most(500)),
    closesAtMm: mm,
  }) satisfies z.ZodType<LashTrendInput>,
} as const;
