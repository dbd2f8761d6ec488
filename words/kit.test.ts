import fc from 'fast-check';
import { kitOf } from './kit';

const en = kitOf('en-GB');

describe('figures', () => {
  it.each([
    [0.055, 2, '0.06'],
    [-0.03, 2, '\u22120.03'],
    [-0.004, 2, '0.00'],
    [12345.6, 1, '12345.6'],
    [1.005, 2, '1.01'],
    [-0.5, 0, '\u22121'],
  ])('%s with %s decimals is %s', (value, decimals, text) => {
    expect(en.fixed(value, decimals)).toBe(text);
  });

  it('need no more decimals than they have', () => {
    expect([en.upTo(85, 1), en.upTo(75.72, 1), en.upTo(-0.01, 1)]).toEqual(['85', '75.7', '0']);
  });

  it('are as near as their decimals allow, and read back as what they are', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1e6, max: 1e6, noNaN: true }),
        fc.integer({ min: 0, max: 4 }),
        (value, decimals) => {
          const text = en.fixed(value, decimals);
          expect(text.split('.')[1] ?? '').toHaveLength(decimals);
          expect(text).not.toMatch(/^\u2212[0.]*$/);
          const read = Number(text.replace('\u2212', '-'));
          expect(Math.abs(read - value)).toBeLessThanOrEqual(0.5 * 10 ** -decimals + 1e-9);
        },
      ),
    );
  });

  it('take the decimal mark of their language', () => {
    expect(kitOf('de').fixed(0.08, 2)).toBe('0,08');
  });
});

it('lists as a sentence does, in any language', () => {
  expect([en.list([]), en.list([1]), en.list([1, 4]), en.list([1, 4, 5])]).toEqual([
    '',
    '1',
    '1 and 4',
    '1, 4 and 5',
  ]);
  expect(kitOf('de').list([1, 4, 5])).toBe('1, 4 und 5');
});

it('counts by the rules of its language, not by one and many', () => {
  const acts = { one: 'act', other: 'acts' };
  expect([0, 1, 2].map((n) => en.plural(n, acts))).toEqual(['acts', 'act', 'acts']);
  const bolts = { one: 'śruba', few: 'śruby', many: 'śrub', other: 'śruby' };
  expect([1, 3, 5].map((n) => kitOf('pl').plural(n, bolts))).toEqual(['śruba', 'śruby', 'śrub']);
});

it('places in a row by the rules of its language', () => {
  const endings = { one: 'st', two: 'nd', few: 'rd', other: 'th' };
  expect([1, 2, 3, 4, 11, 12, 21, 112].map((n) => en.ordinal(n, endings))).toEqual([
    '1st',
    '2nd',
    '3rd',
    '4th',
    '11th',
    '12th',
    '21st',
    '112th',
  ]);
});

it('begins a sentence by the rules of its language', () => {
  expect(en.atStart('injector 3')).toBe('Injector 3');
  expect(kitOf('tr').atStart('iğne')).toBe('İğne');
});

it('says a moment in the zone it is asked for', () => {
  const at = '2026-11-26T13:30:05Z';
  expect(en.moment(at, 'UTC')).toBe('26 Nov, 13:30');
  expect(en.timeToSecond(at, 'Asia/Tokyo')).toBe('22:30:05');
  expect(en.timeOfDay('2026-11-26T00:05:00Z', 'UTC')).toBe('00:05');
});
