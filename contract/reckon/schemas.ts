import type { LinerArrangeInput } from '@cardinex/core/block/arrange/input';
import { z } from 'zod';
import type { BoreWearInput } from '@cardinex/core/block/boreWear';
import { STRAIGHTEDGE_LINES, type HeadFlatnessInput } from '@cardinex/core/block/headFlatness';
import type { LinerCheckInput } from '@cardinex/core/block/linerCheck';
import { RING_PLACES, type RingThicknessInput } from '@cardinex/core/block/ringThickness';
import type { DeadCentreInput } from '@cardinex/core/crank/deadCentre';
import type { EndFloatInput } from '@cardinex/core/crank/endFloat';
import type { PistonTravelInput } from '@cardinex/core/crank/pistonTravel';
import type { RunningClearanceInput } from '@cardinex/core/crank/runningClearance';
import type { UndersizeInput } from '@cardinex/core/crank/undersize';
import type { RimInput } from '@cardinex/core/crank/rim';
import type { CompressionInput } from '@cardinex/core/piston/compression';
import type { GasketGradeInput } from '@cardinex/core/piston/gasketGrade';
import type { MatchMassInput } from '@cardinex/core/piston/matchMass';
import type { PinHeatInput } from '@cardinex/core/piston/pinHeat';
import type { RingClockInput } from '@cardinex/core/piston/ringClock';
import type { RingGapInput } from '@cardinex/core/piston/ringGap';
import { plainId } from '../text';
import { cc, deg, grams, mm, most, temperature } from './bounds';
import { overheadInputs } from './overhead/schemas';
import { tighteningInputs } from './tightening/schemas';
import { timingInputs } from './timing';

const pair = z.tuple([mm, mm], 'must be two readings');
const clearanceLimits = z.strictObject({ lowMm: mm.exactOptional(), highMm: mm.exactOptional() });

/** What each reckoning takes. Unknown fields are refused, so that a misspelt limit is not dropped. */
export const reckonInputs = {
  ...tighteningInputs,
  ...overheadInputs,
  ...timingInputs,
  'liner-check': z.strictObject({
    bores: z
      .array(
        z.strictObject({
          id: plainId,
          bank: plainId.exactOptional(),
          headGroup: plainId.exactOptional(),
          readingsMm: z.array(mm).max(64, most(64)),
        }),
      )
      .max(64, most(64)),
    limits: z.strictObject({
      lowMm: mm,
      highMm: mm,
      adjacentMm: mm.exactOptional(),
      tiltMm: mm.exactOptional(),
      groupSpreadMm: mm.exactOptional(),
    }),
    rise: z.enum(['none', 'either', 'up', 'down']),
  }) satisfies z.ZodType<LinerCheckInput>,
  rim: z.strictObject({
    deg: z.number('must be a number').min(-36_000).max(36_000).exactOptional(),
    mm: z.number('must be a number').min(-1e6).max(1e6).exactOptional(),
    teeth: z.number('must be a number').min(-100_000).max(100_000).exactOptional(),
    rimDiaMm: mm.exactOptional(),
    teethTotal: z.number('must be a number').max(10_000).exactOptional(),
  }) satisfies z.ZodType<RimInput>,
  'dead-centre': z.strictObject({
    stopForwardDeg: deg,
    stopBackDeg: deg,
  }) satisfies z.ZodType<DeadCentreInput>,
  'piston-travel': z.strictObject({
    crankDeg: deg,
    strokeMm: mm,
    rodMm: mm,
    offsetMm: mm.exactOptional(),
  }) satisfies z.ZodType<PistonTravelInput>,
  'head-flatness': z.strictObject({
    readings: z
      .array(z.strictObject({ line: z.enum(STRAIGHTEDGE_LINES), gapMm: mm }))
      .max(STRAIGHTEDGE_LINES.length, most(STRAIGHTEDGE_LINES.length)),
    limitMm: mm,
    camInHead: z.boolean('must be true or false'),
    camInHeadCutAllowed: z.boolean('must be true or false').exactOptional(),
    thicknessMm: mm.exactOptional(),
    standardMm: mm.exactOptional(),
    repairMm: mm.exactOptional(),
    cutAllowanceMm: mm.exactOptional(),
  }) satisfies z.ZodType<HeadFlatnessInput>,
  'bore-wear': z.strictObject({
    readingsMm: z.strictObject({ top: pair, middle: pair, bottom: pair }),
    nominalMm: mm,
    limits: z.strictObject({
      wearMm: mm.exactOptional(),
      taperMm: mm.exactOptional(),
      ovalityMm: mm.exactOptional(),
    }),
    oversizesMm: z.array(mm).max(20, most(20)).exactOptional(),
    cleanUpMm: mm.exactOptional(),
  }) satisfies z.ZodType<BoreWearInput>,
  undersize: z.strictObject({
    journalMm: z.array(mm).max(50, most(50)),
    standardMm: mm,
    stepsMm: z.array(mm).max(20, most(20)),
    minimumMm: mm.exactOptional(),
    wearMm: mm.exactOptional(),
    cleanUpMm: mm.exactOptional(),
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
    newMm: mm.exactOptional(),
    limits: z.strictObject({ minMm: mm, spreadMm: mm.exactOptional() }),
  }) satisfies z.ZodType<RingThicknessInput>,
  'liner-arrange': z.strictObject({
    bores: z
      .array(
        z.strictObject({
          id: plainId,
          bank: plainId.exactOptional(),
          headGroup: plainId.exactOptional(),
          counterboreMm: mm,
        }),
      )
      .max(64, most(64)),
    liners: z
      .array(z.strictObject({ id: plainId, flangeMm: mm, onlyBore: plainId.exactOptional() }))
      .max(64, most(64)),
    shims: z
      .array(z.strictObject({ mm, count: z.number('must be a number').max(1000) }))
      .max(20, most(20)),
    shimRequired: z.boolean('must be true or false'),
    maxShims: z.number('must be a number').max(100),
    limits: z.strictObject({
      lowMm: mm,
      highMm: mm,
      adjacentMm: mm.exactOptional(),
      groupSpreadMm: mm.exactOptional(),
    }),
    rise: z.enum(['none', 'either', 'up', 'down']),
    targetMm: mm.exactOptional(),
  }) satisfies z.ZodType<LinerArrangeInput>,
  'ring-gap': z.strictObject({
    rings: z
      .array(
        z.strictObject({
          id: plainId,
          measuredMm: mm,
          measuredAtBoreMm: mm.exactOptional(),
          limit: z
            .union(
              [
                z.strictObject({ lowMm: mm, highMm: mm }),
                z.strictObject({ perBoreMm: mm, toleranceMm: mm }),
              ],
              'must be lowMm and highMm, or perBoreMm and toleranceMm',
            )
            .exactOptional(),
          fileable: z.boolean('must be true or false').exactOptional(),
        }),
      )
      .max(20, most(20)),
    boreMm: mm,
    tightestBoreMm: mm.exactOptional(),
    fileable: z.boolean('must be true or false'),
  }) satisfies z.ZodType<RingGapInput>,
  'ring-clock': z.strictObject({
    rings: z
      .array(z.strictObject({ id: plainId, kind: z.enum(['compression', 'oil', 'expander']) }))
      .max(20, most(20)),
    rule: z.enum(['even', 'opposed']),
    pinDeg: z.literal(0, 'must be 0: degrees are counted from the pin'),
    thrustDeg: z.union([z.literal(90), z.literal(270)], 'must be 90 or 270'),
    keepClearDeg: deg,
  }) satisfies z.ZodType<RingClockInput>,
  'match-mass': z.strictObject({
    pieces: z.array(z.strictObject({ id: plainId, grams })).max(64, most(64)),
    limitGrams: grams.exactOptional(),
    pairs: z.boolean('must be true or false').exactOptional(),
  }) satisfies z.ZodType<MatchMassInput>,
  'pin-heat': z.strictObject({
    interferenceMm: mm,
    wantedClearanceMm: mm,
    diaMm: mm,
    alphaPerK: z.number('must be a number'),
    ambientTempC: temperature,
    maxTempC: temperature.exactOptional(),
  }) satisfies z.ZodType<PinHeatInput>,
  'gasket-grade': z.strictObject({
    pistons: z
      .array(
        z.strictObject({
          cylinder: z.int().min(1).max(99),
          readingsMm: z.array(mm).max(16, most(16)),
        }),
      )
      .max(64, most(64)),
    grades: z
      .array(
        z.strictObject({
          mark: z.string().min(1).max(40),
          overMm: mm.exactOptional(),
          uptoMm: mm,
          thicknessMm: mm,
        }),
      )
      .max(20, most(20)),
    rule: z.enum(['highest', 'mean', 'mean-then-highest']),
    stepUpOverMm: mm.exactOptional(),
    minClearanceMm: mm.exactOptional(),
  }) satisfies z.ZodType<GasketGradeInput>,
  compression: z.strictObject({
    boreMm: mm,
    strokeMm: mm,
    chamberCc: cc,
    bowlCc: cc,
    gasketBoreMm: mm,
    gasketMm: mm,
    standOutMm: mm,
    valveReliefCc: cc.exactOptional(),
  }) satisfies z.ZodType<CompressionInput>,
} as const;

export type ReckonName = keyof typeof reckonInputs;
