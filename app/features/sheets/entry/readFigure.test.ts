import { readFigure } from './readFigure';

const LENGTHS = ['mm', 'thou', 'in'];
const TORQUES = ['N·m', 'lbf·ft', 'lbf·in', 'kgf·m'];

describe('a figure typed from the book', () => {
  it.each([
    ['0.30 mm', LENGTHS, 0.3, 'mm'],
    ['0,30 mm', LENGTHS, 0.3, 'mm'],
    ['12 thou', LENGTHS, 12, 'thou'],
    ['0.012 in', LENGTHS, 0.012, 'in'],
    ['\u22120.05mm', LENGTHS, -0.05, 'mm'],
    ['85 Nm', TORQUES, 85, 'N·m'],
    ['85 N·m', TORQUES, 85, 'N·m'],
    ['62 ft lb', TORQUES, 62, 'lbf·ft'],
    ['62 lbf·ft', TORQUES, 62, 'lbf·ft'],
    ['240 in-lb', TORQUES, 240, 'lbf·in'],
    ['9 kgf·m', TORQUES, 9, 'kgf·m'],
    ['90°', ['deg'], 90, 'deg'],
    ['90', ['deg'], 90, 'deg'],
    ['1/4 turn', ['turn'], 0.25, 'turn'],
    ['700 bar', ['bar', 'psi'], 700, 'bar'],
    ['4 hours', ['min', 'h'], 4, 'h'],
    ['15 minutes', ['min', 'h'], 15, 'min'],
    ['9 l', ['cc', 'l'], 9, 'l'],
  ])('%s', (text, units, value, unit) => {
    expect(readFigure(text, units)).toEqual({ text, value, unit });
  });

  it('keeps the unit it had while only the number is typed again', () => {
    expect(readFigure('12', LENGTHS, 'thou')).toEqual({ text: '12', value: 12, unit: 'thou' });
    expect(readFigure('12', LENGTHS)).toEqual({ text: '12', value: 12 });
  });
});
