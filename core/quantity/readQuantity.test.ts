import fc from 'fast-check';
import { readNumber } from './readNumber';
import { readQuantity, unitNamed, valuesIn } from './readQuantity';

describe('a number as people type it', () => {
  it.each([
    ['0,08', 0.08],
    ['.5', 0.5],
    ['12.', 12],
    ['\u22120.02', -0.02],
    ['- 3', -3],
    ['+7', 7],
    ['3/8', 0.375],
    ['1 3/8', 1.375],
    ['2½', 2.5],
    ['¾', 0.75],
    ['-1/4', -0.25],
  ])('%s', (text, value) => {
    expect(readNumber(text)).toMatchObject({ ok: true, value });
  });

  it.each([
    ['', 'empty'],
    ['  ', 'empty'],
    ['o.3', 'letters'],
    ['.', 'letters'],
    ['--1', 'letters'],
    ['1/0', 'letters'],
    ['1.234,5', 'grouped'],
    ['0..8', 'grouped'],
    ['1,2,3', 'grouped'],
    ['1/2/3', 'letters'],
  ])('%j is none: %s', (text, fault) => {
    const read = readQuantity(text, 'mm');
    expect(read.ok ? read : read.fault).toBe(fault);
  });
});

describe('a figure typed into a field of one unit', () => {
  it.each([
    ['63', 'lbf·ft', 63, 'lbf·ft'],
    ['63 lbf·ft', 'N·m', 85.4165307, 'lbf·ft'],
    ['63 ft-lb', 'N·m', 85.4165307, 'lbf·ft'],
    ['85Nm', 'N·m', 85, 'N·m'],
    ['3 thou', 'mm', 0.0762, 'thou'],
    ['3/8 in', 'mm', 9.525, 'in'],
    ['3/8"', 'mm', 9.525, 'in'],
    ['1,2 cm', 'mm', 12, 'cm'],
    ['0.5 turn', 'deg', 180, 'turn'],
    ['1000 psi', 'bar', 68.9475729, 'psi'],
    ['1.2 kg', 'g', 1200, 'kg'],
    ['2 h', 'min', 120, 'h'],
    ['15 %', '%', 15, '%'],
  ])('%s in a field of %s', (text, unit, value, typedIn) => {
    const read = readQuantity(text, unit);
    expect(read).toMatchObject({ ok: true, unit: typedIn });
    expect(read.ok && read.value).toBeCloseTo(value, 6);
  });

  it.each([
    ['3 bar', 'mm', 'other-unit'],
    ['3 wobbles', 'mm', 'other-unit'],
    ['3 mm', '', 'other-unit'],
    ['3x4', 'mm', 'letters'],
  ])('%s in a field of %j is refused: %s', (text, unit, fault) => {
    expect(readQuantity(text, unit)).toEqual({ ok: false, fault });
  });

  it('keeps the digits as they were typed', () => {
    expect(readQuantity(' 1 3/8 in ', 'mm')).toMatchObject({ digits: '1 3/8', unit: 'in' });
  });

  it('comes back from any unit of its kind', () => {
    const kinds = [
      ['mm', 'thou', 'in'],
      ['N·m', 'lbf·ft', 'lbf·in', 'kgf·m'],
      ['bar', 'psi'],
    ];
    fc.assert(
      fc.property(fc.constantFrom(...kinds), fc.integer({ min: 1, max: 99_999 }), (kind, count) => {
        for (const from of kind)
          for (const to of kind) {
            const there = readQuantity(`${count / 100} ${from}`, to);
            const back = readQuantity(`${there.ok ? there.value.toFixed(9) : ''} ${to}`, from);
            expect(back.ok && back.value).toBeCloseTo(count / 100, 3);
          }
      }),
    );
  });

  it('knows a unit however it is written, and no other word', () => {
    expect(['Nm', 'N.m', 'N-m', 'newton metres'].map(unitNamed)).toEqual(Array(4).fill('N·m'));
    expect(['inch pounds', 'in lb', 'in.', 'mil', 'furlong'].map(unitNamed)).toEqual([
      'lbf·in',
      'lbf·in',
      'in',
      'thou',
      null,
    ]);
  });
});

it('several have a space or a semicolon between, and one that is none spoils them', () => {
  expect(valuesIn('0,05 0.10;0.15', 'mm')).toEqual([0.05, 0.1, 0.15]);
  expect(valuesIn('0.05mm 2thou', 'mm')).toEqual([0.05, 0.0508]);
  expect(valuesIn('0.05 x', 'mm')).toBeNull();
});
