import {
  METRIC,
  degrees,
  length,
  lengthFigure,
  listed,
  settingFigure,
  torque,
  torqueFigure,
} from './quantity';

describe('figures for a reader', () => {
  it.each([
    [0.08, 'mm', '0.08'],
    [0.065, 'mm', '0.065'],
    [0.3, 'mm', '0.30'],
    [-0.03, 'mm', '−0.03'],
    [-0.00001, 'mm', '0.00'],
    [0.0889, 'thou', '3.5'],
    [0.1, 'thou', '3.9'],
  ] as const)('%s mm in %s is %s', (mm, unit, text) => {
    expect(lengthFigure(mm, unit)).toBe(text);
  });

  it.each([
    [85, 'N·m', '85'],
    [12.5, 'N·m', '12.5'],
    [85, 'lbf·ft', '63'],
    [9, 'lbf·in', '80'],
    [85, 'kgf·m', '8.7'],
  ] as const)('%s N·m in %s is %s', (nm, unit, text) => {
    expect(torqueFigure(nm, unit)).toBe(text);
  });

  it('always carry their unit where they stand alone', () => {
    expect(length(0.08)).toBe('0.08 mm');
    expect(length(0.0889, { ...METRIC, length: 'thou' })).toBe('3.5 thou');
    expect(torque(85, { ...METRIC, torque: 'lbf·ft' })).toBe('63 lbf·ft');
  });

  it('are whole where they are, else in tenths', () => {
    expect([
      degrees(360),
      degrees(42.25),
      settingFigure(85, 'N·m'),
      settingFigure(75.72, 'N·m'),
    ]).toEqual(['360°', '42.3°', '85', '75.7']);
  });

  it('stand in a list as one says it', () => {
    expect([[], [1], [1, 4], [1, 4, 5]].map(listed)).toEqual(['', '1', '1 and 4', '1, 4 and 5']);
  });
});
