import { z } from 'zod';
import type { WrenchChooseInput } from '@cardinex/core/tightening/wrenchChoose';
import { day, id, list, nm } from '../fields';
import { figure, flag, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';

const setting = z.strictObject({
  id: text('As it was sent'),
  settingNm: figure('What to set it to, in its own steps'),
  errorNm: figure('What it then gives less the target; positive is too much'),
  inRange: flag('Whether that setting lies in its range'),
  inDate: flag('Whether the day lies from its check to when it is due, both included'),
  dates: verdict(
    ['in-date', 'out-of-date', 'unknown'],
    'unknown = a date is missing; never taken for in date',
  ),
  beyondPoints: flag(
    'The target lies beyond what was checked; the ratio at the nearer end was kept',
  ),
  shareOfRange: figure('Where the setting lies: 0 at the low end of its range, 1 at the high end'),
});

export const wrenchChoose = reckoning({
  summary: 'Which wrench to take for a torque, and what to set it to by its calibration',
  input: z.strictObject({
    targetNm: nm.positive('Torque wanted, an adapter already counted in'),
    on: day('The day of the pull'),
    wrenches: list(
      z.strictObject({
        id: id('The wrench’s name, each once'),
        lowNm: nm.fromZero('Least torque it can be set to'),
        highNm: nm.positive('Greatest torque it can be set to, not below the least'),
        stepNm: nm
          .positive('Steps its scale is set in, counted from 0; any setting where absent')
          .exactOptional(),
        calibratedOn: day('The day of its last good check').exactOptional(),
        dueOn: day('The day its next check is due').exactOptional(),
        points: list(
          z.strictObject({
            setNm: nm.positive('What it was set to'),
            trueNm: nm.positive('What it gave'),
          }),
          [0, 50],
          'By rising setting; none for a wrench that was never checked',
        ),
      }),
      [1, 50],
      'In any order',
    ),
  }) satisfies z.ZodType<WrenchChooseInput>,
  answer: z.strictObject({
    wrenches: listOf(
      setting.extend({ reason }),
      'Best first: in date, in range, nearest the middle of its range, id',
    ),
    choice: setting.nullable().describe('The first, when it is in range and in date; else null'),
    reason,
  }),
  example: {
    targetNm: 85,
    on: '2026-06-15',
    wrenches: [
      {
        id: 'w3',
        lowNm: 20,
        highNm: 100,
        stepNm: 1,
        calibratedOn: '2026-01-12',
        dueOn: '2027-01-11',
        points: [
          { setNm: 40, trueNm: 40.6 },
          { setNm: 80, trueNm: 81.8 },
        ],
      },
      { id: 'w5', lowNm: 40, highNm: 200, points: [] },
    ],
  },
});
