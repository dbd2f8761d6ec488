import { z } from 'zod';
import { STRAIGHTEDGE_LINES } from '@cardinex/core/block/headFlatness';
import type { ReckonName } from './schemas';
import { overheadAnswers } from './overhead/answers';
import { tighteningAnswers } from './tightening/answers';
import { timingAnswers } from './timing';

const id = z.string();
const deg = z.number();
const mm = z.number();
const line = z.enum(STRAIGHTEDGE_LINES);
const reason = z.string().describe('The finding in a sentence');
const limitVerdict = z.enum(['within', 'over', 'no-limit']);
const gapVerdict = z.enum(['within', 'tight', 'loose', 'no-limit']);
const roomVerdict = z.enum(['within', 'too-close', 'no-limit']);
/** What each reckoning answers over HTTP: core's findings with a sentence for each. */
export const reckonAnswers = {
  ...tighteningAnswers,
  ...overheadAnswers,
  ...timingAnswers,
  'liner-check': z.strictObject({
    bores: z.array(
      z.strictObject({
        id,
        meanMm: mm,
        tiltMm: mm.nullable(),
        verdict: z.enum(['within', 'low', 'high']),
        tiltVerdict: limitVerdict,
        readingOutside: z.boolean(),
        reason,
      }),
    ),
    differences: z.array(z.strictObject({ from: id, to: id, mm, verdict: limitVerdict, reason })),
    rise: z.array(
      z.strictObject({
        bank: id.nullable(),
        direction: z.enum(['up', 'down']),
        verdict: z.enum(['within', 'broken']),
        breaks: z.array(z.strictObject({ from: id, to: id, excessMm: mm })),
        reason,
      }),
    ),
    groups: z.array(z.strictObject({ headGroup: id, spreadMm: mm, verdict: limitVerdict })),
    overall: z.enum(['within', 'out']),
    first: z
      .strictObject({
        kind: z.enum(['tilt', 'height', 'adjacent', 'group', 'rise']),
        bores: z.array(id),
        excessMm: mm,
      })
      .nullable(),
    reason,
  }),
  rim: z.strictObject({ deg, mm: mm.exactOptional(), teeth: z.number().exactOptional() }),
  'dead-centre': z.strictObject({ tdcDeg: deg, correctionDeg: deg, reason }),
  'piston-travel': z.strictObject({ belowTopMm: mm, reason }),
  'head-flatness': z.strictObject({
    verdict: z.enum(['reuse', 'measure', 'resurface', 'replace']),
    because: z.enum([
      'below-repair',
      'flat',
      'lines-missing',
      'cam-in-head',
      'thickness-unknown',
      'enough-left',
      'too-little-left',
    ]),
    worst: z.strictObject({ line, gapMm: mm }),
    missing: z.array(line),
    cutMm: mm.exactOptional(),
    thicknessAfterMm: mm.exactOptional(),
    cutBeforeMm: mm.exactOptional(),
    reason,
  }),
  'bore-wear': z.strictObject({
    wearMm: mm,
    taperMm: mm,
    ovalityMm: mm,
    wear: limitVerdict,
    taper: limitVerdict,
    ovality: limitVerdict,
    overall: limitVerdict,
    oversizeMm: mm.nullable().exactOptional(),
    oneSidedOversizeMm: mm.nullable().exactOptional(),
    neededMm: mm.exactOptional(),
    oneSidedNeededMm: mm.exactOptional(),
    reason,
  }),
  undersize: z.strictObject({
    stepMm: mm,
    wearMm: mm,
    wear: limitVerdict,
    nextStepMm: mm.nullable(),
    verdict: z.enum(['keep', 'grind', 'replace', 'no-limit']),
    reason,
  }),
  'running-clearance': z.strictObject({
    smallestMm: mm,
    largestMm: mm,
    smallest: gapVerdict,
    largest: gapVerdict,
    reason,
  }),
  'end-float': z.strictObject({ mm, verdict: gapVerdict, reason }),
  'ring-thickness': z.strictObject({
    leastMm: mm,
    spreadMm: mm,
    thickness: z.enum(['within', 'under', 'no-limit']),
    spread: limitVerdict,
    lostMm: mm.exactOptional(),
    reason,
  }),
  'liner-arrange': z.strictObject({
    feasible: z.boolean(),
    placement: z.array(
      z.strictObject({ bore: id, liner: id, shimsMm: z.array(mm), standOutMm: mm, reason }),
    ),
    largestAdjacentMm: mm,
    offTargetMm: mm,
    shimsUsed: z.number(),
    moved: z.array(id),
    totalExcessMm: mm,
    breaks: z.array(
      z.strictObject({
        kind: z.enum(['height', 'adjacent', 'rise', 'group']),
        bores: z.array(id),
        excessMm: mm,
      }),
    ),
    cure: z.array(
      z.strictObject({
        do: z.enum(['cut', 'shim', 'thicker']),
        bore: id,
        mm,
        insteadOfMm: mm.exactOptional(),
        reason,
      }),
    ),
    reason,
  }),
  'ring-gap': z.strictObject({
    rings: z.array(
      z.strictObject({
        id,
        correctedMm: mm,
        lowMm: mm.exactOptional(),
        highMm: mm.exactOptional(),
        verdict: z.enum(['within', 'file', 'do-not-file', 'reject', 'no-limit']),
        leastOffMm: mm.exactOptional(),
        mostOffMm: mm.exactOptional(),
        reason,
      }),
    ),
    tightestBoreMm: mm,
    overall: z.enum(['within', 'out', 'no-limit']),
    reason,
  }),
  'ring-clock': z.strictObject({
    places: z.array(z.strictObject({ id, deg, clearDeg: deg.exactOptional() })),
    smallestSeparationDeg: deg.nullable(),
    leastClearDeg: deg,
    verdict: z.enum(['clear', 'too-near']),
    tooNear: z.array(id),
    reason,
  }),
  'match-mass': z.strictObject({
    spreadGrams: z.number(),
    lightest: id,
    heaviest: id,
    pairs: z
      .array(
        z.strictObject({
          ids: z.tuple([id, id]),
          differenceGrams: z.number(),
          verdict: limitVerdict,
        }),
      )
      .exactOptional(),
    largestDifferenceGrams: z.number().exactOptional(),
    verdict: limitVerdict,
    excessGrams: z.number(),
    reason,
  }),
  'pin-heat': z.strictObject({
    tempC: z.number(),
    riseK: z.number(),
    verdict: limitVerdict,
    clearanceAtMaxMm: mm.exactOptional(),
    reason,
  }),
  'gasket-grade': z.strictObject({
    verdict: z.enum(['graded', 'above-table', 'below-table', 'between-grades']),
    mark: id.nullable(),
    thicknessMm: mm.nullable(),
    byMm: mm,
    meanMm: mm,
    highestMm: mm,
    highestCylinder: z.number(),
    steppedUp: z.boolean(),
    pistons: z.array(
      z.strictObject({
        cylinder: z.number(),
        meanMm: mm,
        rockMm: mm.nullable(),
        clearanceMm: mm.exactOptional(),
        verdict: roomVerdict,
      }),
    ),
    clearance: roomVerdict,
    reason,
  }),
  compression: z.strictObject({
    ratio: z.number(),
    changePerTenthMm: z.number(),
    sweptCc: z.number(),
    clearanceCc: z.number(),
    reason,
  }),
} as const satisfies Record<ReckonName, z.ZodType>;
