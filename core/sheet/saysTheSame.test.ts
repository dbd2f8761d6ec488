import { saysTheSame } from './saysTheSame';

const figure = (text: string, value: number, unit: string, from = 'manual') => ({
  text,
  value,
  unit,
  from,
  source: `by ${from}`,
});

describe('two sources', () => {
  it('say the same whoever they are', () => {
    expect(
      saysTheSame(figure('110 N·m', 110, 'N·m'), figure('110,0 N·m', 110, 'N·m', 'leaflet')),
    ).toBe(true);
    expect(
      saysTheSame(
        { kind: 'oil', says: 'Oil on the thread.', from: 'manual', source: 'p. 3' },
        { kind: 'oil', says: ' oil on  the thread', from: 'leaflet', source: 'L' },
      ),
    ).toBe(true);
  });

  it.each([
    [
      '81 lbf·ft is 110 N·m as printed',
      figure('81 lbf·ft', 81, 'lbf·ft'),
      figure('110 N·m', 110, 'N·m'),
      true,
    ],
    ['82 lbf·ft is not', figure('82 lbf·ft', 82, 'lbf·ft'), figure('110 N·m', 110, 'N·m'), false],
    ['12 thou is 0.30 mm', figure('12 thou', 12, 'thou'), figure('0.30 mm', 0.3, 'mm'), true],
    [
      '12 thou is not 0.305 mm at three places, but 0.305 is 12.0 thou',
      figure('12.0 thou', 12, 'thou'),
      figure('0.305 mm', 0.305, 'mm'),
      true,
    ],
    ['13 thou is not 0.30 mm', figure('13 thou', 13, 'thou'), figure('0.30 mm', 0.3, 'mm'), false],
    ['a length is no torque', figure('1 mm', 1, 'mm'), figure('1 N·m', 1, 'N·m'), false],
    ['an hour is sixty minutes', figure('1 h', 1, 'h'), figure('60 min', 60, 'min'), true],
    [
      'one unit is compared exactly',
      figure('0.300 mm', 0.3, 'mm'),
      figure('0.301 mm', 0.301, 'mm'),
      false,
    ],
  ])('%s', (_, entry, other, same) => {
    expect(saysTheSame(entry, other)).toBe(same);
    expect(saysTheSame(other, entry)).toBe(same);
  });

  it('differ where one says more, in another order, or another kind of thing', () => {
    expect(saysTheSame({ says: 'Oil' }, { says: 'Oil', kind: 'oil' })).toBe(false);
    expect(saysTheSame(['1', '2'], ['2', '1'])).toBe(false);
    expect(saysTheSame([], {})).toBe(false);
    expect(saysTheSame(undefined, { says: 'Oil' })).toBe(false);
    expect(saysTheSame(true, 'true')).toBe(false);
  });
});
