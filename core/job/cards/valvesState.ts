import type { BarringSchool } from '../../overhead/schools';
import type { BridgeStep, GapReading, LoggedAct, Printed } from '../act';

export interface GapRead {
  readonly mm: number;
  /** Its place in the log. */
  readonly seq: number;
  readonly printed: Printed;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

export type ValveReadings = Readonly<Partial<Record<GapReading, GapRead>>>;

/** How something without a gap was set: past zero lash, past contact, or to a height. */
export interface ScrewSet {
  readonly turns?: number;
  readonly heightMm?: number;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

/** What was found of a bridge at each step; newest of each. */
export type BridgeSeen = Readonly<
  Partial<Record<BridgeStep, { readonly found: 'good' | 'turns'; readonly at: string }>>
>;

interface Done {
  /** Newest reading of each kind, by what it is of. */
  readonly readings: Readonly<Record<string, ValveReadings>>;
  readonly settings: Readonly<Record<string, ScrewSet>>;
  readonly bridges: Readonly<Record<string, BridgeSeen>>;
  /** Push rods put in at their own position, by valve. */
  readonly pushRods: Readonly<Record<string, 'seated' | 'off'>>;
}

export interface ValvesState extends Done {
  /** How the engine is gone round, since somebody chose; what was done before then stays done. */
  readonly chosen: {
    readonly school: BarringSchool;
    readonly startDeg: number;
    readonly before: Done;
  } | null;
  /** How thick the shim is that came out of each valve. */
  readonly shimsOut: Readonly<Record<string, GapRead>>;
  /** The shim that went in since, and where it came from. */
  readonly shimsIn: Readonly<Record<string, { readonly mm: number; readonly from: string | null }>>;
  /** Covers that went on between. */
  readonly covers: Readonly<Record<string, { readonly at: string; readonly by: string }>>;
  /** How far each adjuster stands out. */
  readonly adjusters: Readonly<Record<string, GapRead>>;
  /** Codes of the injectors, by cylinder. */
  readonly codes: Readonly<
    Record<string, { readonly code: string; readonly at: string; readonly by: string }>
  >;
  /** Turned twice with all set, to feel every gap once more; or why not. */
  readonly turned: {
    readonly at: string;
    readonly by: string;
    readonly seq: number;
    readonly leftOut?: string;
  } | null;
  /** When the hot recheck was begun; readings by then were cold. */
  readonly recheckBegun: {
    readonly at: string;
    readonly by: string;
    readonly words: string;
  } | null;
}

export interface CrankState {
  /** After cylinder 1's firing top dead centre; null while unknown or in doubt. */
  readonly atDeg: number | null;
  readonly since: string | null;
  readonly doubt: string | null;
  /** Turned past where it was to stop: taken well back and come up on again before it counts. */
  readonly overshot: boolean;
}

export const NO_VALVES: ValvesState = {
  readings: {},
  settings: {},
  bridges: {},
  pushRods: {},
  chosen: null,
  shimsOut: {},
  shimsIn: {},
  covers: {},
  adjusters: {},
  codes: {},
  turned: null,
  recheckBegun: null,
};
export const CRANK_UNKNOWN: CrankState = {
  atDeg: null,
  since: null,
  doubt: null,
  overshot: false,
};

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
