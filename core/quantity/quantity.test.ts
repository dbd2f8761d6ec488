import fc from 'fast-check';
import { parseReading } from './parseReading';
import { lengthFromMm, lengthToMm, torqueFromNm, torqueToNm } from './units';
import { atLeast, atMost } from './withinLimits';

describe('limits', () => {
  it('are inclusive, and forgive the last bit of a sum', () => {
    expect(atMost(0.1 + 0.2, 0.3)).toBe(true);
    expect(atLeast(0.3 - 0.1, 0.2)).toBe(true);
    expect(atMost(0.08, 0.08)).toBe(true);
  });

  it('still tell a ten-thousandth of an inch apart', () => {
    const tenThousandth = 0.0001 * 25.4;
    expect(atMost(0.1 + tenThousandth, 0.1)).toBe(false);
    expect(atMost(0.100001, 0.1)).toBe(false);
  });
});

describe('units', () => {
  it('are the defined ones', () => {
    expect(lengthToMm(1, 'thou')).toBe(0.0254);
    expect(torqueToNm(1, 'lbf·ft')).toBeCloseTo(1.3558179483, 10);
    expect(torqueFromNm(85, 'lbf·ft')).toBeCloseTo(62.69, 2);
    expect(torqueToNm(12, 'lbf·in')).toBeCloseTo(torqueToNm(1, 'lbf·ft'), 8);
  });

  it('come back from there', () => {
    fc.assert(
      fc.property(fc.double({ min: -1000, max: 1000, noNaN: true }), (value) => {
        expect(lengthFromMm(lengthToMm(value, 'thou'), 'thou')).toBeCloseTo(value, 9);
        for (const unit of ['lbf·ft', 'lbf·in', 'kgf·m'] as const) {
          expect(torqueFromNm(torqueToNm(value, unit), unit)).toBeCloseTo(value, 9);
        }
      }),
    );
  });
});

describe('a typed reading', () => {
  it('takes comma or point, a sign of either kind, and spaces around it', () => {
    expect(parseReading('0,08', 'mm', 2)).toEqual({
      ok: true,
      mm: 0.08,
      text: '0,08',
      unit: 'mm',
    });
    expect(parseReading(' .08 ', 'mm', 2)).toMatchObject({ ok: true, mm: 0.08, text: '.08' });
    expect(parseReading('-0.02', 'mm', 2)).toMatchObject({ mm: -0.02 });
    expect(parseReading('\u22120.02', 'mm', 2)).toMatchObject({ mm: -0.02 });
    expect(parseReading('3', 'thou', 2)).toMatchObject({ ok: true, mm: 3 * 0.0254 });
  });

  it('never yields minus zero', () => {
    expect(parseReading('-0', 'mm', 2)).toMatchObject({ ok: true, mm: 0, text: '-0' });
  });

  it.each([
    ['', 'empty'],
    ['  ', 'empty'],
    ['0.O8', 'letters'],
    ['8e-2', 'letters'],
    ['--1', 'letters'],
    ['.', 'letters'],
    ['1.234,5', 'grouped'],
    ['0..8', 'grouped'],
    ['40', 'beyond-gauge'],
    ['-3', 'beyond-gauge'],
  ])('%j is refused as %s', (text, fault) => {
    expect(parseReading(text, 'mm', 2)).toEqual({ ok: false, fault, text });
  });

  it('reads back any hundredth it could have been sent', () => {
    fc.assert(
      fc.property(fc.integer({ min: -200, max: 200 }), (hundredths) => {
        const result = parseReading((hundredths / 100).toFixed(2), 'mm', 2);
        expect(result).toMatchObject({ ok: true });
        expect(result.ok && result.mm).toBeCloseTo(hundredths / 100, 12);
      }),
    );
  });
});
