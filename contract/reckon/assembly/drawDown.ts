import { z } from 'zod';
import type { DrawDownInput } from '@cardinex/core/assembly/drawDown';
import { id, list, mm } from '../fields';
import { figure, listOf, reason, text } from '../found';
import { reckoning } from '../reckoning';

const MOST = 200;

export const drawDown = reckoning({
  summary: 'Rounds in which a part under spring load is drawn down evenly',
  input: z.strictObject({
    fasteners: list(
      z.strictObject({
        id: id('The fastener'),
        xMm: mm.signed('Where it stands, seen from above'),
        yMm: mm.signed('Where it stands, across'),
      }),
      [1, MOST],
      'Each once, no two in one place',
    ),
    order: list(
      id('A fastener'),
      [1, MOST],
      'Every fastener once, as they take their turns in a round',
    ),
    pitchMm: mm.positive('How far one turn draws the part down'),
    downMm: mm.positive('How far the part stands off its seat'),
    stepMm: mm.positive('Most one fastener is drawn down before the others follow'),
  }) satisfies z.ZodType<DrawDownInput>,
  answer: z.strictObject({
    rounds: figure('How often the order is gone through'),
    turnDegPerRound: figure('How far each fastener is turned each time'),
    mostTiltDeg: figure('Steepest lean between a fastener that had its turn and one that had not'),
    offOrder: listOf(text('A fastener'), 'The order to let it off again, in the same steps'),
    reason,
  }),
  example: {
    fasteners: [
      { id: '1', xMm: 0, yMm: 0 },
      { id: '2', xMm: 120, yMm: 0 },
      { id: '3', xMm: 240, yMm: 0 },
    ],
    order: ['2', '1', '3'],
    pitchMm: 1.25,
    downMm: 6,
    stepMm: 0.8,
  },
});
