import { pointerTo, valueAtPlace, withValueAtPlace } from '@cardinex/core/sheet/place';
import { pointerOf } from '@cardinex/core/sheet/pointer';
import { isFixed } from '@cardinex/core/sheet/checks/variants';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { isLikely } from '../../job-sheet/likelyPlaces';
import { placesOf } from './places';

describe('the figures a leaflet can change', () => {
  it.each(demoSheets.map((sheet) => [sheet.name, sheet] as const))(
    'of %s are places of its sheet, each once, each with a name of its own, none that names the engine',
    (_, sheet) => {
      const places = placesOf(sheet);
      expect(places.length).toBeGreaterThan(100);
      for (const { place, path, value } of places) {
        const pointer = pointerTo(sheet, place);
        // What is not there yet would be added next; while it is entered it has a place of its own.
        if (value === undefined) expect([place, pointer]).not.toEqual([place, null]);
        else expect([place, pointer]).toEqual([place, pointerOf(path)]);
        expect(valueAtPlace(sheet, place)).toEqual(value);
        expect([place, isFixed(pointerOf(path))]).toEqual([place, false]);
      }
      expect(new Set(places.map(({ place }) => place)).size).toBe(places.length);
    },
  );

  it('hold what the sheet does not say yet, and can be given it', () => {
    const silent = placesOf(tolvane44).find(({ value }) => value === undefined);
    const to = { says: 'now' };
    expect(
      silent && valueAtPlace(withValueAtPlace(tolvane44, silent.place, to), silent.place),
    ).toBe(to);
  });

  it('that are likely come first: a bolt set speaks of threads, a gasket of what comes afterwards', () => {
    const likely = (came: Parameters<typeof isLikely>[0]) =>
      placesOf(tolvane44)
        .filter(({ place }) => isLikely(came, place))
        .map(({ label }) => label);
    expect(likely('bolts')).toEqual(
      expect.arrayContaining(['Head bolts, Treatment', 'Head bolts, Programme']),
    );
    expect(likely('gasket')).toEqual(
      expect.arrayContaining(['Gasket, Dressing', 'Head bolts, settle and check']),
    );
    expect(likely('rings').every((label) => label.startsWith('Pistons'))).toBe(true);
    expect(likely('other')).toEqual([]);
    expect(likely(null)).toEqual([]);
  });
});
