import { linesOfRow } from './linesOfRow';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';

const names = (lines: ReturnType<typeof linesOfRow>): readonly (readonly string[])[] =>
  lines.map((parts) => parts.map(({ name }) => name));

describe('parts in their rows', () => {
  const cylinders = castryV8.layout.banks.flatMap((bank) => bank.cylinders);

  it('lie bank by bank', () => {
    const lines = names(linesOfRow(castryV8, { items: cylinders.map(String) }));
    expect(lines).toEqual(castryV8.layout.banks.map((bank) => bank.cylinders.map(String)));
  });

  it('lie along the shaft, whatever their numbers are', () => {
    const items = ['1', '2', '3', '4', '5'];
    expect(names(linesOfRow(castryV8, { items, journal: 'mains' }))).toEqual([items]);
  });

  it('take several lines where there are many, none with one left over', () => {
    const items = Array.from({ length: 9 }, (_, place) => String(place + 1));
    const lines = linesOfRow(castryV8, { items, journal: 'mains' });
    expect(lines.map((parts) => parts.length)).toEqual([5, 4]);
  });

  it('show of a head its place', () => {
    expect(names(linesOfRow(castryV8, { items: ['head/port'] }))).toEqual([['port']]);
  });
});
