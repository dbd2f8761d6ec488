import { demoSheets } from '@cardinex/demo/sheets/all';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { clockOf } from './clockOf';
import { thrustDegOf } from './thrustDegOf';

describe('the thrust side', () => {
  const seen = (direction: 'clockwise' | 'anticlockwise', seenFrom: 'fan' | 'flywheel') =>
    thrustDegOf({
      cylinder1End: 'fan',
      rotation: { direction, seenFrom, from: 'manual', source: 'p. 9' },
    });

  it('is at the right of the crown where the crank turns clockwise seen from cylinder 1’s end', () => {
    expect(seen('clockwise', 'fan')).toBe(90);
    expect(seen('anticlockwise', 'fan')).toBe(270);
  });

  it('seen from the other end the same engine turns the other way, and is the same', () => {
    expect(seen('anticlockwise', 'flywheel')).toBe(90);
    expect(seen('clockwise', 'flywheel')).toBe(270);
  });

  it('is not known where the sheet does not say which way it turns', () => {
    expect(thrustDegOf({ cylinder1End: 'fan' })).toBeNull();
  });
});

describe('the ring gaps of a sheet', () => {
  it.each(
    demoSheets.filter(({ pistons }) => pistons?.stagger).map((sheet) => [sheet.id, sheet] as const),
  )('%s: keep clear of pin and thrust side as far as its rule allows', (_, sheet) => {
    const found = clockOf(sheet);
    expect(found?.places.map(({ id }) => id)).toEqual(sheet.pistons?.rings?.map(({ id }) => id));
    expect(found?.verdict).toBe(found?.tooNear.length === 0 ? 'clear' : 'too-near');
  });

  it('none where the rings or their rule are not on the sheet, or an expander has no oil ring', () => {
    const { stagger, ...without } = tolvane44.pistons ?? {};
    expect(clockOf({ ...tolvane44, pistons: without })).toBeNull();
    const rings = [
      { id: 'a', name: 'A', kind: 'compression' as const, fileable: true },
      { id: 'b', name: 'B', kind: 'expander' as const, fileable: true },
    ];
    expect(clockOf({ ...tolvane44, pistons: { rings, ...(stagger && { stagger }) } })).toBeNull();
  });
});
