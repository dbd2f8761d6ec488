import { z } from 'zod';
import {
  MOST_SHARE,
  MOST_TRIALS,
  type ClampSimulateInput,
} from '@cardinex/core/tightening/clampSimulate';
import { deg, id, kn, list, mm, number, share, whole } from '../fields';
import { figure, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';
import { TEN_FASTENERS, placed } from './placed';

const meant = {
  scatter: share('Standard deviation of what a pull gives, as a share of it'),
  shares: list(
    z.strictObject({
      id: id('A fastener’s id'),
      share: number(0, MOST_SHARE)('Its share of what is meant: 0 = left alone, 1 = all of it'),
    }),
    [0, 100],
    'Fasteners of another length or size; each one that is not named gets 1',
  ).exactOptional(),
};

export const clampSimulate = reckoning({
  summary:
    'What the clamp of each bolt comes to, pull by pull, when each pull eases its neighbours',
  input: z.strictObject({
    fasteners: list(placed, [1, 100], 'In any order'),
    order: list(
      id('A fastener’s id'),
      [1, 100],
      'Every fastener once, in the order they are pulled; the same in all stages',
    ),
    stages: list(
      z.discriminatedUnion(
        'kind',
        [
          z.strictObject({
            kind: z
              .literal('load')
              .describe('load = pulled to a clamp; one already above it is left'),
            kn: kn.positive('That clamp'),
            ...meant,
          }),
          z.strictObject({
            kind: z.literal('angle').describe('angle = turned by an angle'),
            knPerDeg: kn.positive('What each degree adds'),
            deg: deg.positive('That angle, tightening'),
            ...meant,
          }),
          z.strictObject({ kind: z.literal('slacken').describe('slacken = all eased right off') }),
        ],
        'must have a kind: load, angle or slacken',
      ),
      [1, 20],
      'In the order they are done',
    ),
    interaction: share('What a bolt right beside loses of each kilonewton another gains'),
    decayMm: mm.positive('Distance at which that loss has fallen to 1/e'),
    trials: whole(1, MOST_TRIALS)('How often to play it through; fewer with many bolts and stages'),
    seed: number(-(2 ** 53), 2 ** 53)('The same seed gives the same answer'),
  }) satisfies z.ZodType<ClampSimulateInput>,
  answer: z.strictObject({
    stages: listOf(
      z.strictObject({
        kind: verdict(['load', 'angle', 'slacken'], 'As it was sent'),
        bolts: listOf(
          z.strictObject({
            id: text('As it was sent'),
            meanKn: figure('Mean clamp over the trials'),
            lowKn: figure('Clamp that one trial in twenty stays below'),
            highKn: figure('Clamp that one trial in twenty goes beyond'),
          }),
          'In the order the fasteners were sent',
        ),
        spreadKn: figure(
          'Tightest less slackest of the bolts meant to be alike, mean over the trials',
        ),
      }),
      'After each stage, in the order sent',
    ),
    reason,
  }),
  example: {
    fasteners: TEN_FASTENERS,
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
});
