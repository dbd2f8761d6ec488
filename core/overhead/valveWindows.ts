import { ReckoningFault, requireNumber } from '../quantity/reckoningFault';
import { cycleDegrees, type Strokes, type Window } from './cycle';

/** Cam events as a manual prints them, in crank degrees about the dead centres. */
export interface CamEvents {
  readonly strokes: Strokes;
  /** Inlet opens, before top dead centre. */
  readonly ivoBtdcDeg?: number;
  /** Inlet closes, after bottom dead centre. */
  readonly ivcAbdcDeg?: number;
  /** Exhaust opens, before bottom dead centre. */
  readonly evoBbdcDeg: number;
  /** Exhaust closes after top dead centre: four-stroke. */
  readonly evcAtdcDeg?: number;
  /** Exhaust closes after bottom dead centre: uniflow two-stroke. */
  readonly evcAbdcDeg?: number;
  /** Widens every window at both ends: needed when events are quoted at a checking lift. */
  readonly rampDeg?: number;
}

interface ValveWindows {
  readonly intake?: Window;
  readonly exhaust?: Window;
}

/**
 * In which part of its cylinder's cycle each valve is off its seat.
 *
 * Local angles: 0 at the cylinder's firing top dead centre, running forward. Four-stroke exhaust
 * 180 − EVO to 360 + EVC, inlet 360 − IVO to 540 + IVC; uniflow two-stroke exhaust 180 − EVO to
 * 180 + EVC. A negative event lies beyond its dead centre.
 * @throws ReckoningFault when one event of a pair is missing, an event belongs to the other kind
 *   of engine, or a window closes before it opens or never closes
 * @example valveWindows({ strokes: 4, evoBbdcDeg: 50, evcAtdcDeg: 15 }).exhaust // { fromDeg: 130, toDeg: 375 }
 */
export function valveWindows(events: CamEvents): ValveWindows {
  const ramp = events.rampDeg ?? 0;
  if (ramp < 0) throw new ReckoningFault('rampDeg', 'must-not-be-negative');
  for (const [field, value] of Object.entries(events)) {
    if (value !== undefined) requireNumber(field, value);
  }
  const cycle = cycleDegrees(events.strokes);
  const widened = (field: string, fromDeg: number, toDeg: number): Window => {
    const window = { fromDeg: fromDeg - ramp, toDeg: toDeg + ramp };
    const length = window.toDeg - window.fromDeg;
    if (length <= 0) throw new ReckoningFault(field, 'window-without-length');
    if (length >= cycle) throw new ReckoningFault(field, 'window-fills-cycle');
    return window;
  };
  return events.strokes === 4 ? fourStroke(events, widened) : twoStroke(events, widened);
}

type Widen = (field: string, fromDeg: number, toDeg: number) => Window;

function fourStroke(events: CamEvents, widened: Widen): ValveWindows {
  if (events.evcAbdcDeg !== undefined) throw new ReckoningFault('evcAbdcDeg', 'wrong-for-strokes');
  if (events.evcAtdcDeg === undefined) throw new ReckoningFault('evcAtdcDeg', 'missing-partner');
  const exhaust = widened('evoBbdcDeg', 180 - events.evoBbdcDeg, 360 + events.evcAtdcDeg);
  if (events.ivoBtdcDeg === undefined && events.ivcAbdcDeg === undefined) return { exhaust };
  if (events.ivoBtdcDeg === undefined) throw new ReckoningFault('ivoBtdcDeg', 'missing-partner');
  if (events.ivcAbdcDeg === undefined) throw new ReckoningFault('ivcAbdcDeg', 'missing-partner');
  const intake = widened('ivoBtdcDeg', 360 - events.ivoBtdcDeg, 540 + events.ivcAbdcDeg);
  return { intake, exhaust };
}

function twoStroke(events: CamEvents, widened: Widen): ValveWindows {
  for (const field of ['ivoBtdcDeg', 'ivcAbdcDeg', 'evcAtdcDeg'] as const) {
    if (events[field] !== undefined) throw new ReckoningFault(field, 'wrong-for-strokes');
  }
  if (events.evcAbdcDeg === undefined) throw new ReckoningFault('evcAbdcDeg', 'missing-partner');
  return { exhaust: widened('evoBbdcDeg', 180 - events.evoBbdcDeg, 180 + events.evcAbdcDeg) };
}
