import { z } from 'zod';
import type { TightenPlanInput } from '@cardinex/core/tightening/tightenPlanInput';
import { characters } from '../../text';
import { deg, id, list, nm, oneOf, yesNo } from '../fields';
import { figure, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';
import { place } from './placed';
import { stage } from './stages';

const DEMANDS = ['settle-and-check', 'after-heat', 'reuse'] as const;
const source = characters(200).describe('Where it stands: the sheet, a leaflet');

const at = {
  cycle: text('The cycle’s id'),
  stage: text('The stage’s id'),
};
const group = text('The group; null for all fasteners').nullable();

const finding = z.discriminatedUnion('code', [
  z.strictObject({
    code: verdict(
      ['order-misses', 'order-repeats', 'left-out-but-ordered'],
      'A stage’s order leaves a fastener out, names it twice, or pulls one the stage leaves alone',
    ),
    ...at,
    fastener: text('The fastener’s id'),
    reason,
  }),
  z.strictObject({
    code: z.literal('no-value').describe('A stage prints no value for some fasteners'),
    ...at,
    group,
    reason,
  }),
  z.strictObject({
    code: z.literal('value-falls').describe('A value is less than one before it in its cycle'),
    ...at,
    group,
    nm: figure('The torque; or bar').exactOptional(),
    beforeNm: figure('The torque before it').exactOptional(),
    bar: figure('The pressure; or nm').exactOptional(),
    beforeBar: figure('The pressure before it').exactOptional(),
    reason,
  }),
  z.strictObject({
    code: z.literal('no-wrench').describe('No wrench of the crib reaches a value'),
    ...at,
    nm: figure('The torque'),
    reason,
  }),
  z.strictObject({
    code: z
      .literal('angle-over')
      .describe('The angles of a cycle turn a fastener beyond its limit'),
    cycle: at.cycle,
    fastener: text('The fastener’s id'),
    deg: figure('All angles of the cycle together'),
    limitDeg: figure('Its limit'),
    reason,
  }),
  z.strictObject({
    code: z
      .literal('stretch-disturbed')
      .describe('Something asks for one-use stretch fasteners to be eased or pulled again'),
    about: verdict(DEMANDS, 'What is asked'),
    source: text('By whom'),
    reason,
  }),
  z.strictObject({
    code: z.literal('demands-contradict').describe('Two sources ask for opposite things'),
    about: verdict(DEMANDS, 'About what'),
    doSource: text('Which asks for it'),
    neverSource: text('Which forbids it'),
    reason,
  }),
]);

export const tightenPlan = reckoning({
  summary:
    'A tightening programme as the list of pulls a run walks through, and what does not add up about it',
  input: z.strictObject({
    set: id('The fastened set'),
    instance: id('Which of several such sets: the head, the cap'),
    fasteners: list(
      z.strictObject({
        id: id('The fastener’s name, each once'),
        number: id('As printed in the manual; not its place in an order'),
        ...place,
        group: id('Fasteners that share values: a length, a row').exactOptional(),
        oneUseStretch: yesNo(
          'Tightened past yield and used once; false where absent',
        ).exactOptional(),
        angleLimitDeg: deg
          .positive(
            'Most it may be turned past its seat in one programme; not checked where absent',
          )
          .exactOptional(),
      }),
      [1, 200],
      'In any order',
    ),
    programme: z
      .strictObject({
        id: id('The programme’s name'),
        cycles: list(
          z.strictObject({
            id: id('The cycle’s name, each once'),
            stages: list(stage, [1, 20], 'In the order they are done'),
          }),
          [1, 10],
          'Runs from slack to a value, in the order they are done',
        ),
      })
      .describe('What the manual has done'),
    wrenches: list(
      z.strictObject({
        id: id('The wrench’s name'),
        lowNm: nm.fromZero('Least torque it can be set to'),
        highNm: nm.positive('Greatest torque it can be set to, not below the least'),
      }),
      [0, 50],
      'Wrenches of the crib; values are held against them where given',
    ).exactOptional(),
    demands: list(
      z.strictObject({
        about: oneOf(
          DEMANDS,
          'settle-and-check = eased and pulled again once settled, after-heat = pulled again after the first heat, reuse = used again',
        ),
        says: oneOf(['do', 'never'], 'Whether the source asks for it or forbids it'),
        source,
      }),
      [0, 50],
      'What sheet and leaflets ask once the programme has ended, in any order',
    ).exactOptional(),
  }) satisfies z.ZodType<TightenPlanInput>,
  answer: z.strictObject({
    acts: listOf(
      z.strictObject({
        key: text('set/instance/programme/cycle/stage/fastener'),
        ...at,
        fastener: text('The fastener’s id; all for what is done once for the whole set'),
        kind: verdict(
          [
            'torque',
            'check',
            'angle',
            'slacken',
            'hydraulic',
            'hydraulic-check',
            'wait',
            'turn-crank',
            'draw-down',
          ],
          'As its stage',
        ),
        nm: figure('Torque to aim at').exactOptional(),
        lowNm: figure('Least torque of a range').exactOptional(),
        highNm: figure('Greatest torque of a range').exactOptional(),
        deg: figure('Angle to aim at').exactOptional(),
        lowDeg: figure('Least angle of a range').exactOptional(),
        highDeg: figure('Greatest angle of a range').exactOptional(),
        bar: figure('Pressure').exactOptional(),
        minutes: figure('How long to wait').exactOptional(),
        together: z
          .literal(true)
          .describe('Pulled by two at once, one at either end')
          .exactOptional(),
        from: verdict(
          ['near', 'far'],
          'From which side, where a stage is shared out between two',
        ).exactOptional(),
      }),
      'In the order they are done',
    ),
    findings: listOf(finding, 'What does not add up; empty when all does'),
    reason,
  }),
  example: {
    set: 'head',
    instance: '1',
    fasteners: [
      { id: 'a', number: '1', xMm: 0, yMm: 0 },
      { id: 'b', number: '2', xMm: 100, yMm: 0 },
    ],
    programme: {
      id: 'main',
      cycles: [
        {
          id: '1',
          stages: [
            { id: 's1', kind: 'torque', order: ['a', 'b'], values: [{ nm: 45 }] },
            { id: 's2', kind: 'torque', order: ['a', 'b'], values: [{ lowNm: 80, highNm: 90 }] },
          ],
        },
      ],
    },
    wrenches: [{ id: 'w3', lowNm: 20, highNm: 100 }],
  },
});
