import { CRANK_UNKNOWN, type CrankState } from '../facts/crank';
import type { ValvesState } from '../facts/valves';
import type { LoggedAct } from '../act';

export function evolveValves(state: ValvesState, act: LoggedAct): ValvesState {
  const { at, by, seq } = act;
  switch (act.type) {
    case 'valve.read': {
      const { valve, reading, mm, printed } = act.data;
      const read = { mm, printed, seq, actId: act.id, at, by };
      const before = state.readings[valve];
      // A gap set anew has not been felt locked yet, nor hot: what was felt of it before no longer counts.
      const { locked: _locked, again: _again, hot: _hot, ...unlocked } = before ?? {};
      const kept = reading === 'set' ? unlocked : before;
      return { ...state, readings: { ...state.readings, [valve]: { ...kept, [reading]: read } } };
    }
    case 'gaps.turned':
      return { ...state, turned: { ...act.data, at, by, seq } };
    case 'screw.set': {
      const { item, turns, heightMm } = act.data;
      const set = {
        ...(turns !== undefined && { turns }),
        ...(heightMm !== undefined && { heightMm }),
        actId: act.id,
        at,
        by,
      };
      return { ...state, settings: { ...state.settings, [item]: set } };
    }
    case 'bridge.seen': {
      const { valve, step, found } = act.data;
      const seen = { ...state.bridges[valve], [step]: { found, at } };
      return { ...state, bridges: { ...state.bridges, [valve]: seen } };
    }
    case 'push-rod.seen': {
      const { valve, found } = act.data;
      return { ...state, pushRods: { ...state.pushRods, [valve]: found } };
    }
    case 'barring.chosen': {
      const { readings, settings, bridges, pushRods } = state;
      const { school, startDeg } = act.data;
      return {
        ...state,
        chosen: { school, startDeg, before: { readings, settings, bridges, pushRods } },
      };
    }
    case 'shim.read': {
      const { valve, mm, printed } = act.data;
      const read = { mm, printed, seq, actId: act.id, at, by };
      return { ...state, shimsOut: { ...state.shimsOut, [valve]: read } };
    }
    case 'shims.chosen': {
      const readings = { ...state.readings };
      const shimsIn = { ...state.shimsIn };
      for (const { valve, mm, from = null } of act.data.shims) {
        // Another shim, another gap: it is read anew.
        const { set: _before, ...kept } = readings[valve] ?? {};
        readings[valve] = kept;
        shimsIn[valve] = { mm, from };
      }
      return { ...state, readings, shimsIn };
    }
    case 'cover.on':
      return { ...state, covers: { ...state.covers, [act.data.cover]: { at, by } } };
    case 'adjuster.read': {
      const { item, mm, printed } = act.data;
      const read = { mm, printed, seq, actId: act.id, at, by };
      return { ...state, adjusters: { ...state.adjusters, [item]: read } };
    }
    case 'injector.coded': {
      const { cylinder, code } = act.data;
      return { ...state, codes: { ...state.codes, [cylinder]: { code, at, by } } };
    }
    case 'recheck.begun':
      return { ...state, recheckBegun: { at, by, words: act.data.words } };
    default:
      return state;
  }
}

export function evolveCrank(state: CrankState, act: LoggedAct): CrankState {
  switch (act.type) {
    case 'crank.stood':
      return { ...CRANK_UNKNOWN, atDeg: act.data.atDeg, since: act.at };
    case 'crank.doubted':
      return { ...CRANK_UNKNOWN, since: act.at, doubt: act.data.words };
    case 'crank.overshot':
      return { ...state, since: act.at, overshot: true };
    // The engine has been run: where the crank stopped is anyone's guess.
    case 'recheck.begun':
      return { ...CRANK_UNKNOWN, since: act.at };
    default:
      return state;
  }
}
