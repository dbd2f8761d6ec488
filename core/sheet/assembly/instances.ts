import { cylindersOf, type EngineSheet } from '../engineSheet';
import { mainJournal } from '../mainJournal';
import type { CoversSpec, PiecePer } from '../spec/assembly';
import { EVERYWHERE, overOf, type Over } from './over';

/** One of a piece, or of an act: `head/2`, `set-valves/port`. */
export interface Instance {
  readonly id: string;
  /** The id of its piece, or the name of its act. */
  readonly of: string;
  readonly place: string;
  readonly over: Over;
}

/** What there may be several of. */
export interface Placed {
  readonly per?: PiecePer;
  readonly covers?: readonly CoversSpec[];
}

/** The place of what there is one of. */
const ONE_PLACE = '1';

/**
 * The instances of a piece or an act in the order of the sheet: banks as they are listed, cylinders in
 * block order, bearings from the cylinder-1 end, valves as the sheet lists them. A line of `covers` stands
 * in place of what its own instance would be over.
 * @param heads instances of the head, for what there is one of for each
 * @example instancesOf(sheet, 'head', { per: 'bank' }, []) // ids: head/port, head/starboard
 */
export function instancesOf(
  sheet: EngineSheet,
  id: string,
  { per = 'engine', covers = [] }: Placed,
  heads: readonly Instance[],
): readonly Instance[] {
  const usual = usualPlaces(sheet, per, heads);
  const places = per === 'named' ? covers.map(({ place }) => place) : [...usual.keys()];
  return places.map((place) => {
    const line = covers.find((entry) => entry.place === place);
    const over = line ? overOf(sheet, line) : (usual.get(place) ?? EVERYWHERE);
    return { id: instanceId(id, place), of: id, place, over };
  });
}

function instanceId(of: string, place: string): string {
  return `${of}/${place}`;
}

/** Main bearings, from the journals of the sheet; else one more than the cylinders along the crank. */
export function bearingCount(sheet: EngineSheet): number {
  const mains = mainJournal(sheet);
  if (mains) return mains.count;
  const { layout } = sheet;
  return Math.max(...layout.banks.map(({ cylinders }) => cylinders.length), 0) + 1;
}

/** Places by which there is one of each, and what each is over. */
export function usualPlaces(
  sheet: EngineSheet,
  per: PiecePer,
  heads: readonly Instance[],
): ReadonlyMap<string, Over> {
  switch (per) {
    case 'engine':
      return new Map([[ONE_PLACE, EVERYWHERE]]);
    case 'bank':
      return new Map(
        sheet.layout.banks.map(({ id, cylinders }) => [id, overOf(sheet, { cylinders })]),
      );
    case 'head':
      return new Map(heads.map(({ place, over }) => [place, over]));
    case 'cylinder':
      return new Map(cylindersOf(sheet).map((n) => [String(n), overOf(sheet, { cylinders: [n] })]));
    case 'bearing':
      return new Map(
        Array.from({ length: bearingCount(sheet) }, (_, n) => [
          String(n + 1),
          overOf(sheet, { bearings: [n + 1] }),
        ]),
      );
    case 'valve':
      return new Map(
        (sheet.overhead?.valves ?? []).map(({ id }) => [id, overOf(sheet, { valves: [id] })]),
      );
    case 'named':
      return new Map();
  }
}
