import type { LinerPlace, Sealed, LinersState } from '../../facts/liners';
import { linerCheck, type LinerCheck } from '../../../block/linerCheck';
import { cylindersOf, type EngineSheet } from '../../../sheet/engineSheet';
import { boreStands, linerLimitsMm } from '../../../sheet/linerStand';
import { heightsOf } from '../../../sheet/spec/block';
import { cylindersInScope, fitsLiners, type JobSheet } from '../../scope';

/** Bore ids a job works on, in block order: bank by bank, each from the cylinder-1 end. */
export function boreIds(sheet: JobSheet): readonly string[] {
  return cylindersInScope(sheet).map(String);
}

/** What stands in a bore: as it was placed, else its own liner on whatever it had. */
export function standingIn({ placed }: LinersState, bore: string): LinerPlace {
  return (
    placed?.placement.find((place) => place.bore === bore) ?? { bore, liner: bore, shimsMm: [] }
  );
}

/** Bores whose liner carries the mark of another: it was moved there, or back after it had been marked. */
export function boresToRemark({ placed, marked }: LinersState): readonly string[] {
  return (placed?.placement ?? [])
    .filter(({ bore, liner }) => (marked[liner] ?? liner) !== bore)
    .map(({ bore }) => bore);
}

/** How the seals of a bore stand: uncounted, as many out and in as there are, or not. */
export type SealStanding = 'to-count' | 'right' | 'one-left-in' | 'too-many' | 'too-few';

/** An old seal left in its groove lifts the liner; so does a second new one in the same. */
export function sealStanding(each: number, sealed: Sealed | undefined): SealStanding {
  if (!sealed) return 'to-count';
  if (sealed.in > each) return 'too-many';
  if (sealed.in < each) return 'too-few';
  return sealed.out < each ? 'one-left-in' : 'right';
}

/** Bores whose seals are not all out and in; none where liners stay, or have none. */
export function boresToSeal(sheet: JobSheet, { seals }: LinersState): readonly string[] {
  const each = heightsOf(sheet.liners)?.seals?.each;
  if (each === undefined || !fitsLiners(sheet)) return [];
  return boreIds(sheet).filter((bore) => sealStanding(each, seals[bore]) !== 'right');
}

/** The readings of one bore in the order of its places, unread places left out. */
export function readingsOf(state: LinersState, bore: string): readonly number[] {
  return Object.entries(state.readings[bore] ?? {})
    .sort(([a], [b]) => Number(a) - Number(b))
    .map(([, reading]) => reading.mm);
}

/** Places of one liner: all the sheet names are read before anything is said of it. */
export function placesOf(sheet: EngineSheet): number {
  return heightsOf(sheet.liners)?.places.length ?? 0;
}

/** What the liners read so far say; null before any has been read at all its places, or without limits. */
export function linersFinding(sheet: JobSheet, state: LinersState): LinerCheck | null {
  const heights = heightsOf(sheet.liners);
  const limits = heights && linerLimitsMm(heights);
  if (!heights || !limits) return null;
  const bores = cylindersOf(sheet)
    .map((cylinder) => ({
      id: String(cylinder),
      readingsMm: readingsOf(state, String(cylinder)),
      ...boreStands(sheet, cylinder),
    }))
    .filter((bore) => bore.readingsMm.length >= placesOf(sheet));
  return bores.length === 0 ? null : linerCheck({ bores, limits, rise: heights.rise });
}

/** Bores of which a place is still unread. */
export function unreadBores(sheet: JobSheet, state: LinersState): readonly string[] {
  return boreIds(sheet).filter((id) => readingsOf(state, id).length < placesOf(sheet));
}
