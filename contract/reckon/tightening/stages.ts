import { z } from 'zod';
import { bar, deg, id, list, nm, positive, oneOf } from '../fields';

/*
 * A tightening programme as it is sent: cycles of stages.
 */

const group = id('The fasteners it is for, by their group; all where absent').exactOptional();

const torqueValue = z.union(
  [
    z.strictObject({ nm: nm.positive('Torque to pull to'), group }),
    z.strictObject({
      lowNm: nm.positive('Least torque of the range; the middle is aimed at'),
      highNm: nm.positive('Greatest torque of the range'),
      group,
    }),
  ],
  'must be nm, or lowNm and highNm',
);
const angleValue = z.union(
  [
    z.strictObject({ deg: deg.positive('Angle to turn by, from where it stands'), group }),
    z.strictObject({
      lowDeg: deg.positive('Least angle of the range; the middle is aimed at'),
      highDeg: deg.positive('Greatest angle of the range'),
      group,
    }),
  ],
  'must be deg, or lowDeg and highDeg',
);

const stageId = id('The stage’s name, each once in its cycle');
const ordered = {
  id: stageId,
  order: list(id('A fastener’s id'), [1, 200], 'The fasteners in the order they are pulled'),
  leaveOut: list(
    id('A fastener’s id'),
    [0, 200],
    'Fasteners this stage leaves alone on purpose',
  ).exactOptional(),
  farSide: list(
    id('A fastener’s id'),
    [1, 200],
    'Those of the order that the one on the far side pulls, in that order; the one on the near side pulls the rest',
  ).exactOptional(),
};
const together = z
  .literal(true, 'must be true, or absent')
  .describe('Two people pull each fastener at once, one at either end')
  .exactOptional();
const values = <Value extends z.ZodType>(value: Value) =>
  list(value, [0, 20], 'A value for all, or one for each group; none where none is printed');

export const stage = z.discriminatedUnion(
  'kind',
  [
    z.strictObject({
      ...ordered,
      kind: oneOf(
        ['torque', 'check'],
        'torque = pulled to its value; check = pulled at a value at which none may move, so it may lie below the last',
      ),
      values: values(torqueValue),
      together,
    }),
    z.strictObject({
      ...ordered,
      kind: z.literal('angle').describe('angle = turned by its value'),
      values: values(angleValue),
      together,
    }),
    z.strictObject({
      ...ordered,
      kind: z
        .literal('slacken')
        .describe('slacken = eased off; values may begin low again after it'),
      byDeg: deg.positive('By how much; right off where absent').exactOptional(),
    }),
    z.strictObject({
      ...ordered,
      kind: oneOf(
        ['hydraulic', 'hydraulic-check'],
        'hydraulic = all jacks on one line, each nut run down at the pressure; hydraulic-check = at that pressure no nut may move',
      ),
      bar: bar.positive('The pressure; absent where none is printed').exactOptional(),
    }),
    z.strictObject({
      id: stageId,
      kind: oneOf(
        ['wait', 'turn-crank', 'draw-down'],
        'Done once for the whole set: wait; turn the crank by hand to feel that it is free; draw-down = a round of drawing down a part that springs hold up, each fastener by the same turn',
      ),
      minutes: positive(1_000_000, 'minutes')('How long to wait').exactOptional(),
      deg: positive(100_000, 'deg')('The turn of a round').exactOptional(),
    }),
  ],
  'must be one of torque, check, angle, slacken, hydraulic, hydraulic-check, wait, turn-crank, draw-down',
);
