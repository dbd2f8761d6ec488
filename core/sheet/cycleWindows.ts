import type { Window } from '../overhead/cycle';
import { valveWindows } from '../overhead/valveWindows';
import type { EngineSheet } from './engineSheet';
import type { CycleWindow, ValveKind } from './spec/overhead';

/** One thing that is worked in a part of its cylinder's cycle, and must be left alone then. */
export interface NamedWindow extends Window {
  readonly what: ValveKind | 'injector' | 'brake' | 'actuator';
  /** As the sheet calls it, where it has a name of its own. */
  readonly name?: string;
}

/**
 * What is lifted when, in one cylinder's own cycle, 0 at its firing top dead centre.
 * @returns an empty list where the sheet gives no cam events
 */
export function cycleWindows({ overhead }: EngineSheet): readonly NamedWindow[] {
  if (!overhead?.camEvents) return [];
  const { from: _from, source: _source, ...events } = overhead.camEvents;
  const valves = valveWindows(events);
  const ofValve = (kind: ValveKind): readonly NamedWindow[] => {
    const window = valves[kind];
    return window ? [{ what: kind, ...window }] : [];
  };
  const extra = (
    what: NamedWindow['what'],
    window: CycleWindow | undefined,
    name?: string,
  ): readonly NamedWindow[] => {
    if (!window) return [];
    const span = 'as' in window ? valves[window.as] : window;
    if (!span) return [];
    return [
      { what, fromDeg: span.fromDeg, toDeg: span.toDeg, ...(name !== undefined && { name }) },
    ];
  };
  const { injectors, brakes, actuators } = overhead;
  return [
    ...ofValve('exhaust'),
    ...ofValve('intake'),
    ...extra('injector', injectors?.window),
    ...extra('brake', brakes?.window, brakes?.name),
    ...extra('actuator', actuators?.window, actuators?.name),
  ];
}
