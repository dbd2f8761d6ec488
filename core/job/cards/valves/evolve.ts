import type { LoggedActOf } from '../../act';
import type { GapRead, ValvesState } from '../../facts/valves';
import type { Printed } from '../../facts/shown';

/*
 * What follows for the overhead, where it takes more than a line.
 */

export function valveRead(state: ValvesState, act: LoggedActOf<'valve.read'>): ValvesState {
  const { valve, reading, nut = null } = act.data;
  const before = state.readings[valve];
  // A gap set anew has not been felt locked yet, nor hot: what was felt of it before no longer counts.
  const { locked: _locked, again: _again, hot: _hot, ...unlocked } = before ?? {};
  const stored = reading === 'set' ? unlocked : before;
  const readings = { ...stored, [reading]: readingIn(act) };
  return {
    ...state,
    readings: { ...state.readings, [valve]: readings },
    ...(reading === 'set' && { moved: { ...state.moved, [valve]: true } }),
    ...(reading === 'locked' && state.moved[valve] && { lastNut: nut }),
  };
}

export function screwSet(
  state: ValvesState,
  { id: actId, data: { item, turns, heightMm, nut }, at, by }: LoggedActOf<'screw.set'>,
): ValvesState {
  const set = {
    ...(turns !== undefined && { turns }),
    ...(heightMm !== undefined && { heightMm }),
    actId,
    at,
    by,
  };
  return {
    ...state,
    settings: { ...state.settings, [item]: set },
    ...(nut && { lastNut: nut }),
  };
}

export function bridgeSeen(
  state: ValvesState,
  { data: { valve, step, found }, at }: LoggedActOf<'bridge.seen'>,
): ValvesState {
  const seen = { ...state.bridges[valve], [step]: { found, at } };
  return { ...state, bridges: { ...state.bridges, [valve]: seen } };
}

export function barringChosen(
  state: ValvesState,
  { data: { school, startDeg } }: LoggedActOf<'barring.chosen'>,
): ValvesState {
  const { readings, settings, bridges, pushRods } = state;
  return {
    ...state,
    chosen: { school, startDeg, before: { readings, settings, bridges, pushRods } },
  };
}

export function shimRead(state: ValvesState, act: LoggedActOf<'shim.read'>): ValvesState {
  return { ...state, shimsOut: { ...state.shimsOut, [act.data.valve]: readingIn(act) } };
}

export function shimsChosen(
  state: ValvesState,
  { data }: LoggedActOf<'shims.chosen'>,
): ValvesState {
  const readings = { ...state.readings };
  const shimsIn = { ...state.shimsIn };
  for (const { valve, mm, from = null } of data.shims) {
    // Another shim, another gap: it is read anew.
    const { set: _before, ...kept } = readings[valve] ?? {};
    readings[valve] = kept;
    shimsIn[valve] = { mm, from };
  }
  return { ...state, readings, shimsIn };
}

export function adjusterRead(state: ValvesState, act: LoggedActOf<'adjuster.read'>): ValvesState {
  return { ...state, adjusters: { ...state.adjusters, [act.data.item]: readingIn(act) } };
}

function readingIn({
  id: actId,
  data: { mm, printed },
  seq,
  at,
  by,
}: Pick<LoggedActOf<'valve.read'>, 'id' | 'seq' | 'at' | 'by'> & {
  readonly data: { readonly mm: number; readonly printed: Printed };
}): GapRead {
  return { mm, printed, seq, actId, at, by };
}
