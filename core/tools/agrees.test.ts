import type { WrenchShown } from '../job/facts/run';
import { agreesWithCrib, type HandTime } from './agrees';
import { foldTool } from './foldTool';
import type { ToolAct, ToolActData, ToolActType } from './tool';

const day = (date: string): string => `${date}T09:00:00+00:00`;
const at = (text: string, vouched = text): HandTime => ({ said: day(text), vouched: day(vouched) });

function act<T extends ToolActType>(type: T, data: ToolActData[T], on = '2026-01-05'): ToolAct {
  return { id: `${type}${on}`, v: 1, type, at: day(on), by: 'm', device: 'd', data } as ToolAct;
}

const spec = { square: '1/2 in', lowNm: 40, highNm: 200, lengthMm: 510, reads: 'click' } as const;
const points = [{ setNm: 100, trueNm: 97 }];
const entered = act('tool.entered', { name: 'Wrench 5', kind: 'torque-wrench', spec });
const checked = act('tool.checked', { on: '2026-01-10', dueOn: '2026-07-10', points });
const again = act('tool.checked', { on: '2026-06-01', dueOn: '2026-12-01', points: [] });
const crib = (...acts: ToolAct[]) => foldTool('w5', [entered, ...acts]);

const shown = (more: Partial<WrenchShown> = {}) => ({
  id: 'w5',
  shown: {
    id: 'w5',
    name: 'Wrench 5',
    lowNm: 40,
    highNm: 200,
    lengthMm: 510,
    calibration: { on: '2026-01-10', dueOn: '2026-07-10', points },
    ...more,
  },
});
const { calibration: _, ...bare } = shown().shown;

describe('a wrench as an act says it was', () => {
  it.each([
    ['as the crib has it', crib(checked), shown(), at('2026-03-01')],
    ['by a check the crib has a newer one than', crib(checked, again), shown(), at('2026-03-01')],
    [
      'without the check it has since had',
      crib(checked),
      { id: 'w5', shown: bare },
      at('2026-03-01'),
    ],
    ['off, though it is good', crib(checked), shown({ off: true }), at('2026-03-01')],
    ['out of date, and said so', crib(checked), shown(), at('2026-08-01')],
    ['named only by its number', crib(checked), { id: 'w5' }, at('2026-03-01')],
    [
      'before it was found off',
      crib(checked, act('tool.found-off', { words: 'x' }, '2026-04-01')),
      shown(),
      at('2026-03-01'),
    ],
    [
      'before it was retired',
      crib(checked, act('tool.retired', { words: 'x' }, '2026-04-01')),
      shown(),
      at('2026-03-01'),
    ],
  ])('agrees %s', (_, tool, named, time) => {
    expect(agreesWithCrib(tool, named, time)).toBe(true);
  });

  const calibration = { on: '2026-01-10', dueOn: '2027-07-10', points };
  it.each([
    ['entered by nobody', null, shown(), at('2026-03-01')],
    ['due on another day', crib(checked), shown({ calibration }), at('2026-03-01')],
    [
      'giving other than was found',
      crib(checked),
      shown({
        calibration: { ...calibration, dueOn: '2026-07-10', points: [{ setNm: 100, trueNm: 100 }] },
      }),
      at('2026-03-01'),
    ],
    ['checked though it never was', crib(), shown(), at('2026-03-01')],
    ['with another range', crib(checked), shown({ highNm: 400 }), at('2026-03-01')],
    ['with another length', crib(checked), shown({ lengthMm: 300 }), at('2026-03-01')],
    [
      'in date by a day nobody can vouch for',
      crib(checked),
      shown(),
      at('2026-07-01', '2026-09-01'),
    ],
    [
      'good after it was found off',
      crib(checked, act('tool.found-off', { words: 'x' }, '2026-02-01')),
      shown(),
      at('2026-03-01'),
    ],
    [
      'in hand after it was retired',
      crib(checked, act('tool.retired', { words: 'x' }, '2026-02-01')),
      { id: 'w5' },
      at('2026-03-01'),
    ],
    [
      'that is no torque wrench',
      foldTool('g', [act('tool.entered', { name: 'Gauge', kind: 'angle-gauge', spec: {} })]),
      { id: 'g' },
      at('2026-03-01'),
    ],
  ])('does not agree %s', (_, tool, named, time) => {
    expect(agreesWithCrib(tool, named, time)).toBe(false);
  });
});
