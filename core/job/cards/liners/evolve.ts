import { without } from '../../kit/without';
import type { LoggedActOf } from '../../act';
import type { LinerPlace, LinersState } from '../../facts/liners';
import { standingIn } from './view';

/*
 * What follows for the liners, where it takes more than a line.
 */

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

function isSamePlace(place: LinerPlace, other: LinerPlace): boolean {
  return place.liner === other.liner && place.shimsMm.join() === other.shimsMm.join();
}
