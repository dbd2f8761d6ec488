import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { placeAt, pointerTo, valueAtPlace, withValueAtPlace } from './place';
import { valueAt } from './pointer';

/** Every pointer into a document, holders and leaves alike. */
function pointersOf(value: unknown, at = ''): string[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => {
    const pointer = `${at}/${key.replaceAll('~', '~0').replaceAll('/', '~1')}`;
    return [pointer, ...pointersOf(inner, pointer)];
  });
}

describe('a place of a sheet', () => {
  it('leads back to where it was taken, for every place of every demo sheet', () => {
    for (const sheet of demoSheets) {
      for (const pointer of pointersOf(sheet)) {
        expect([sheet.id, pointerTo(sheet, placeAt(sheet, pointer))]).toEqual([sheet.id, pointer]);
      }
    }
  });

  it('stays the same figure when the lists before it grow', () => {
    const pointer = '/fastenedSets/0/programme/cycles/0/stages/1';
    const place = placeAt(quillon5c, pointer);
    const [first, ...rest] = quillon5c.fastenedSets ?? [];
    if (!first) throw new Error('the Quillon has sets');
    const longer = { ...quillon5c, fastenedSets: [{ ...first, id: 'new' }, first, ...rest] };
    expect(valueAtPlace(longer, place)).toBe(valueAt(quillon5c, pointer));
    expect(pointerTo(longer, place)).toBe('/fastenedSets/1/programme/cycles/0/stages/1');
  });

  it('may be a field not given yet, or an entry its list does not have, and nothing further off', () => {
    const heat = '/fastenedSets/id=head/afterwards/about=settle-and-check';
    const entry = { about: 'settle-and-check', demand: 'never', says: 'No.' };
    const [head] = withValueAtPlace(tolvane44, heat, entry).fastenedSets ?? [];
    expect(head?.afterwards?.at(-1)).toBe(entry);
    expect(head?.afterwards).toHaveLength(
      1 + (tolvane44.fastenedSets?.[0]?.afterwards ?? []).length,
    );

    const bare = { ...tolvane44, fastenedSets: [{ id: 'head' }] };
    expect(withValueAtPlace(bare, heat, entry).fastenedSets).toEqual([
      { id: 'head', afterwards: [entry] },
    ]);
    expect(pointerTo(tolvane44, '/liners/not-there')).toBe('/liners/not-there');
    expect(pointerTo(tolvane44, '/liners/not-there/low')).toBeNull();
    expect(pointerTo(tolvane44, '/fastenedSets/id=none/programme/id')).toBeNull();
    expect(pointerTo(tolvane44, '/name/low')).toBeNull();
    expect(pointerTo(tolvane44, '/fastenedSets/0')).toBeNull();
  });

  it('leaves a document alone that has nowhere to put a value', () => {
    expect(withValueAtPlace(tolvane44, '/no/such/place', 1)).toBe(tolvane44);
  });
});
