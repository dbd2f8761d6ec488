import { z } from 'zod';
import {
  FEWEST_PAST_SEAT,
  MOST_SAMPLES,
  TRACE_THRESHOLDS,
  type TraceVerdictInput,
} from '@cardinex/core/tightening/traceVerdict';
import { deg, list, nm } from '../fields';
import { figure, reason, verdict } from '../found';
import { reckoning } from '../reckoning';

const T = TRACE_THRESHOLDS;
const percent = (part: number): string => `${Math.round(part * 100)} %`;

/** With what each is told by. */
const VERDICTS = [
  `yielding = stretches for good: its slope falls to ${percent(T.yieldSlopeShare)} of its steepest and stays there`,
  `bottomed = meets the end of its hole: the slope becomes ${T.bottomedSlopeTimes} times as steep, or the torque comes before ${percent(T.bottomedTurnShare)} of the turn expected`,
  `soft = takes ${T.softTurnTimes} times that turn`,
  `stick-slip = falls back by ${percent(T.dropShare)} ${T.dropsForStickSlip} times or more`,
  `short = by more than ${T.shortDeg} degrees or ${percent(T.shortShare)}`,
  `over = by more than ${T.overDeg} degrees or ${percent(T.overShare)}`,
].join('; ');

const sample = (description: string) =>
  z
    .strictObject({ deg: figure('At which angle'), nm: figure('At which torque') })
    .describe(description);

export const traceVerdict = reckoning({
  summary: 'What a trace of torque over angle tells of a pull',
  input: z.strictObject({
    samples: list(
      z.strictObject({
        deg: deg.signed('Angle, tightening is positive'),
        nm: nm.fromZero('Torque at it'),
      }),
      [FEWEST_PAST_SEAT, MOST_SAMPLES],
      'In the order they were taken, the angle rising from each to the next',
    ),
    plan: z
      .strictObject({
        snugNm: nm.positive(
          'Torque at which the bolt counts as seated, and from which turns are counted',
        ),
        angleDeg: deg
          .positive('Turn asked for from there; beside finalNm, the turn by which that is expected')
          .exactOptional(),
        finalNm: nm.positive('Torque to be pulled to').exactOptional(),
        lowNm: nm.positive('Least torque at the end of the turn').exactOptional(),
        highNm: nm.positive('Greatest torque at the end of the turn').exactOptional(),
      })
      .describe('What was meant: angleDeg, finalNm or both'),
  }) satisfies z.ZodType<TraceVerdictInput>,
  answer: z.strictObject({
    verdict: verdict(
      ['sound', 'yielding', 'bottomed', 'soft', 'stick-slip', 'short', 'over'],
      VERDICTS,
    ),
    seatedAt: sample('Where it began to clamp; null when it never did').nullable(),
    turnedDeg: figure('How far it was turned past its seat'),
    peakNm: figure('The greatest torque'),
    slopeNmPerDeg: figure(
      'Of the straight part: newton metres for a degree; null when it never seated',
    ).nullable(),
    yieldedAt: sample('Where it began to stretch for good; null when it did not').nullable(),
    drops: figure('How often the torque fell back on the way up from its seat'),
    reason,
  }),
  example: {
    samples: Array.from({ length: 60 }, (_, at) => ({
      deg: at * 2,
      nm: at < 15 ? 2 : at < 45 ? 2 + (at - 15) * 2 : 62 + (at - 45) * 0.4,
    })),
    plan: { snugNm: 10, finalNm: 66 },
  },
});
