import { demoSheets } from '@cardinex/demo/sheets/all';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { namedPlaceLabel, placeLabel, saidShort, saidWhere } from './places';

describe('a place of a sheet in words', () => {
  it.each([
    ['/overhead/clearances/exhaust/hot/figure', 'Gaps, Exhaust, Hot'],
    ['/liners/low', 'Liners, Least'],
    ['/fastenedSets/0/groups/0/treatment', 'Head bolts, Treatment'],
    ['/fastenedSets/0/programme/cycles/0/stages/1/values/0/value', 'Head bolts, Stage 2, Value'],
    ['/gasket/grades/0/thickness', 'Gasket, one hole, Thickness'],
    ['/bore', 'Bore'],
  ])('%s is “%s”', (pointer, label) => {
    expect(placeLabel(tolvane44, pointer)).toBe(label);
  });

  it('counts cycles only where there are several', () => {
    const second = '/fastenedSets/0/programme/cycles/1/stages/0/kind';
    expect(placeLabel(quillon5c, second)).toBe('Head bolts, Cycle 2, Stage 1, Kind');
  });

  it('names what a list does not have yet by what it would be about', () => {
    const settle = '/fastenedSets/id=head/afterwards/about=settle-and-check';
    expect(namedPlaceLabel(quillon5c, settle)).toBe('Head bolts, settle and check');
    expect(namedPlaceLabel(tolvane44, '/fastenedSets/id=head/groups/id=all/treatment')).toBe(
      'Head bolts, Treatment',
    );
  });
});

describe('what is said there, as briefly as it can be', () => {
  const figure = (text: string) => ({ text, value: 1, unit: 'mm', from: 'manual', source: 'p. 1' });

  it.each<[unknown, string]>([
    [figure('0.30 mm'), '0.30 mm'],
    [{ figure: figure('85 N·m') }, '85 N·m'],
    [{ low: figure('80 N·m'), high: figure('90 N·m') }, '80 N·m to 90 N·m'],
    [{ says: 'Oil it', from: 'manual', source: 'p. 2' }, 'Oil it'],
    [{ about: 'reuse', demand: 'never', says: 'Used once.' }, 'Never. Used once.'],
    [{ most: 3 }, '3 times'],
    ['on-shims', 'on shims'],
    [true, 'yes'],
    [undefined, 'nothing'],
    [['one', 'two'], 'one, two'],
  ])('%j is “%s”', (value, words) => {
    expect(saidShort(value)).toBe(words);
  });

  it('tells a programme by its stages, and never a page of it', () => {
    expect(saidShort(tolvane44.fastenedSets?.[0]?.programme)).toBe('45 N·m, 85 N·m, 115 N·m');
    for (const { fastenedSets = [] } of demoSheets) {
      for (const set of fastenedSets) expect(saidShort(set.programme).length).toBeLessThan(160);
    }
  });

  it('says who says so', () => {
    expect(saidWhere({ figure: figure('1 mm') })).toBe('p. 1');
    expect(saidWhere({ low: figure('1 mm'), high: figure('2 mm') })).toBe('p. 1');
    expect(saidWhere('on-shims')).toBe('');
  });
});
