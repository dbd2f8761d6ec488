import { z } from 'zod';
import { STRAIGHTEDGE_LINES } from '@cardinex/core/block/headFlatness';
import type { ReckonName } from './schemas';

const id = z.string();
const deg = z.number();
const mm = z.number();
const line = z.enum(STRAIGHTEDGE_LINES);
const reason = z.string().describe('The finding in a sentence');
const window = z.strictObject({ fromDeg: deg, toDeg: deg });
const limitVerdict = z.enum(['within', 'over', 'no-limit']);
const gapVerdict = z.enum(['within', 'tight', 'loose', 'no-limit']);

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
const stack = z.strictObject({ leavesMm: z.array(mm), totalMm: mm, errorMm: mm });

/** What each reckoning answers over HTTP: core's findings with a sentence for each. */
export const reckonAnswers = {
  'valve-windows': z.strictObject({ intake: window.optional(), exhaust: window.optional() }),
  'barring-plan': z.strictObject({
    positions: z.array(
      z.strictObject({
        atDeg: deg,
        barDeg: deg,
        rockingCylinders: z.array(z.number()),
        set: z.array(z.strictObject({ id, clearanceDeg: deg })),
      }),
    ),
    totalBarDeg: deg,
    smallestClearanceDeg: deg.nullable(),
    neverSettable: z.array(id),
    reason,
  }),
  settable: z.strictObject({
    items: z.array(
      z.strictObject({ id, clearanceDeg: deg, verdict: z.enum(['settable', 'near', 'lifted']) }),
    ),
    cylinders: z.array(
      z.strictObject({
        cylinder: z.number(),
        localDeg: deg,
        stroke: z.enum(['power', 'exhaust', 'intake', 'compression', 'overlap']),
        companions: z.array(z.number()),
      }),
    ),
    reason,
  }),
  'screw-turn': z.strictObject({
    turns: z.number(),
    deg,
    direction: z.enum(['in', 'out', 'none']),
    reason,
  }),
  'lash-verdict': z.strictObject({
    found: gapVerdict.optional(),
    set: gapVerdict.optional(),
    locked: gapVerdict.optional(),
    hot: gapVerdict.optional(),
    shiftMm: mm.optional(),
    counts: z
      .strictObject({ reading: z.enum(['found', 'set', 'locked', 'hot']), mm, verdict: gapVerdict })
      .optional(),
    reason,
  }),
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
        nm: z.number().optional(),
        lowNm: z.number().optional(),
        highNm: z.number().optional(),
        deg: z.number().optional(),
        lowDeg: z.number().optional(),
        highDeg: z.number().optional(),
        bar: z.number().optional(),
        minutes: z.number().optional(),
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
  'feeler-stack': z.strictObject({
    stacks: z.array(stack),
    nearestBelow: stack.nullable(),
    nearestAbove: stack.nullable(),
    reason,
  }),
  rim: z.strictObject({ deg, mm: mm.optional(), teeth: z.number().optional() }),
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
    cutMm: mm.optional(),
    thicknessAfterMm: mm.optional(),
    cutBeforeMm: mm.optional(),
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
    oversizeMm: mm.nullable().optional(),
    oneSidedOversizeMm: mm.nullable().optional(),
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
    lostMm: mm.optional(),
    reason,
  }),
} as const satisfies Record<ReckonName, z.ZodType>;
