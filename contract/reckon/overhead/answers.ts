import { z } from 'zod';

const id = z.string();
const deg = z.number();
const mm = z.number();
const turns = z.number();
const reason = z.string().describe('The finding in a sentence');
const window = z.strictObject({ fromDeg: deg, toDeg: deg });
const gapVerdict = z.enum(['within', 'tight', 'loose', 'no-limit']);
const stack = z.strictObject({ leavesMm: z.array(mm), totalMm: mm, errorMm: mm });
const fit = {
  slopeMmPer1000h: mm,
  slopeErrorMmPer1000h: mm,
  r2: z.number(),
};
const hours = z.number();
const reaches = { atHours: hours, lowHours: hours, highHours: hours };

/** What each reckoning of the overhead answers. */
export const overheadAnswers = {
  'valve-windows': z.strictObject({
    intake: window.exactOptional(),
    exhaust: window.exactOptional(),
  }),
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
    found: gapVerdict.exactOptional(),
    set: gapVerdict.exactOptional(),
    locked: gapVerdict.exactOptional(),
    hot: gapVerdict.exactOptional(),
    shiftMm: mm.exactOptional(),
    counts: z
      .strictObject({ reading: z.enum(['found', 'set', 'locked', 'hot']), mm, verdict: gapVerdict })
      .exactOptional(),
    reason,
  }),
  'feeler-stack': z.strictObject({
    stacks: z.array(stack),
    nearestBelow: stack.nullable(),
    nearestAbove: stack.nullable(),
    reason,
  }),
  'hydraulic-preload': z.strictObject({
    depthMm: mm,
    shareOfTravel: z.number(),
    code: z.enum(['within', 'bottomed']),
    reason,
  }),
  'injector-setting': z.strictObject({
    turns,
    deg,
    flats: z.number(),
    quarterTurns: z.number(),
    direction: z.enum(['in', 'out', 'none']),
    reason,
  }),
  'stand-out': z.strictObject({
    items: z.array(
      z.strictObject({
        id,
        kind: id.nullable(),
        mm,
        offMm: mm,
        verdict: z.enum(['alike', 'odd', 'not-judged']),
      }),
    ),
    kinds: z.array(
      z.strictObject({
        kind: id.nullable(),
        medianMm: mm,
        limitMm: mm,
        code: z.enum(['alike', 'odd', 'scattered', 'too-few']),
      }),
    ),
    reason,
  }),
  'tappet-shims': z.strictObject({
    shims: z.array(z.strictObject({ id, shimMm: mm, gapMm: mm, from: id.nullable(), reason })),
    unserved: z.array(z.strictObject({ id, lowMm: mm, highMm: mm, bestMm: mm, reason })),
    bought: z.number(),
    take: z.array(z.strictObject({ mm, count: z.number() })),
    sumOffMm: mm,
    reason,
  }),
  'lash-trend': z.union([
    z.strictObject({
      code: z.enum(['fewer-than-three', 'same-hours']),
      readings: z.number(),
      reason,
    }),
    z.strictObject({
      code: z.enum(['not-closing', 'slope-not-sure']),
      readings: z.number(),
      ...fit,
      reason,
    }),
    z.strictObject({
      code: z.literal('closing'),
      readings: z.number(),
      ...fit,
      ...reaches,
      reason,
    }),
    z.strictObject({
      code: z.literal('already-closed'),
      readings: z.number(),
      ...z.strictObject({ ...fit, ...reaches }).partial().shape,
      reason,
    }),
  ]),
} as const;
