import { ACCEPTED, refused, type Verdict } from '../../verdict';
import type { LinerPlace, Sealed, LinersState } from '../../facts/liners';
import { linerCheck, type LinerCheck } from '../../../block/linerCheck';
import { cylindersOf, type EngineSheet } from '../../../sheet/engineSheet';
import { boreStands, linerLimitsMm } from '../../../sheet/linerStand';
import { heightsOf } from '../../../sheet/spec/block';
import type { ActOf, LoggedActOf } from '../../act';
import type { DecideContext } from '../../decideContext';
import { mayOverride } from '../../roles';
import { cylindersInScope, fitsLiners, type JobSheet } from '../../scope';

/** Bore ids a job works on, in block order: bank by bank, each from the cylinder-1 end. */
export function boreIds(sheet: JobSheet): readonly string[] {
  return cylindersInScope(sheet).map(String);
}

export function linerRead(
  state: LinersState,
  { id: actId, data: { bore, place, mm, printed }, at, by }: LoggedActOf<'liner.read'>,
): LinersState {
  const ofBore = { ...state.readings[bore], [place]: { mm, printed, actId, at, by } };
  // A liner read again is a liner lifted or doubted: what was accepted no longer holds.
  return { ...state, readings: { ...state.readings, [bore]: ofBore }, accepted: null };
}

export function linerSealed(
  state: LinersState,
  { data: { bore, ...counted }, at, by }: LoggedActOf<'liner.sealed'>,
): LinersState {
  const seals = { ...state.seals, [bore]: { ...counted, at, by } };
  // A liner drawn for its seals stands anew: what it read before was a trial.
  return { ...state, seals, readings: without(state.readings, [bore]), accepted: null };
}

export function linersPlaced(
  state: LinersState,
  { data: { placement }, at, by }: LoggedActOf<'liners.placed'>,
): LinersState {
  const changed = placement
    .filter((place) => !isSamePlace(place, standingIn(state, place.bore)))
    .map(({ bore }) => bore);
  return {
    ...state,
    placed: { placement, at, by },
    readings: without(state.readings, changed),
    seals: without(state.seals, changed),
    accepted: null,
  };
}

/** A liner that changed places, marked for the bore it now belongs to. */
export function linerMarked(state: LinersState, { data }: LoggedActOf<'mark.made'>): LinersState {
  if (data.kind !== 'liner' || !state.placed) return state;
  const bore = data.mark.split('/')[1] ?? '';
  const { liner } = standingIn(state, bore);
  return { ...state, marked: { ...state.marked, [liner]: bore } };
}

function without<T>(
  of: Readonly<Record<string, T>>,
  bores: readonly string[],
): Readonly<Record<string, T>> {
  return Object.fromEntries(Object.entries(of).filter(([bore]) => !bores.includes(bore)));
}

/** What stands in a bore: as it was placed, else its own liner on whatever it had. */
export function standingIn({ placed }: LinersState, bore: string): LinerPlace {
  return (
    placed?.placement.find((place) => place.bore === bore) ?? { bore, liner: bore, shimsMm: [] }
  );
}

function isSamePlace(one: LinerPlace, other: LinerPlace): boolean {
  return one.liner === other.liner && one.shimsMm.join() === other.shimsMm.join();
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

export function decideLinerRead(act: ActOf<'liner.read'>, { sheet }: DecideContext): Verdict {
  if (!boreIds(sheet).includes(act.data.bore))
    return refused('unknown-bore', { bore: act.data.bore });
  const places = placesOf(sheet);
  if (act.data.place >= places) {
    return refused('unknown-place', { places });
  }
  return ACCEPTED;
}

/** Every bore in hand once, each with a liner of its own. */
export function decideLinersPlaced(act: ActOf<'liners.placed'>, { sheet }: DecideContext): Verdict {
  const { placement } = act.data;
  const bores = boreIds(sheet);
  const liners = new Set(placement.map(({ liner }) => liner));
  const each =
    placement.length === bores.length &&
    bores.every((bore) => placement.some((place) => place.bore === bore));
  return fitsLiners(sheet) && each && liners.size === bores.length
    ? ACCEPTED
    : refused('not-a-placement');
}

export function decideLinerSealed(act: ActOf<'liner.sealed'>, { sheet }: DecideContext): Verdict {
  const known = fitsLiners(sheet) && boreIds(sheet).includes(act.data.bore);
  return known ? ACCEPTED : refused('unknown-bore', { bore: act.data.bore });
}

export function decideLinersAccepted(
  state: LinersState,
  act: ActOf<'liners.accepted'>,
  { sheet, member }: DecideContext,
): Verdict {
  const unread = unreadBores(sheet, state);
  if (unread.length > 0) return refused('liners-incomplete', { bores: unread });
  const unsealed = boresToSeal(sheet, state);
  if (unsealed.length > 0) return refused('seals-first', { bores: unsealed });
  const unmarked = boresToRemark(state);
  if (unmarked.length > 0) return refused('liners-to-mark', { bores: unmarked });
  if (linersFinding(sheet, state)?.overall === 'within') return ACCEPTED;
  if (!mayOverride(member.role)) return refused('liners-out');
  if (!act.data.words) return refused('words-needed');
  return member.fresh ? ACCEPTED : refused('needs-fresh-proof');
}
