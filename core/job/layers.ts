import type { LoggedAct } from './act';

/** One thing a leaflet or a deviation says: where it belongs on the sheet, and what. */
export interface Point {
  /** A place named as `core/sheet/place` names it: "/fastenedSets/id=head/groups/id=long/treatment". */
  readonly at: string;
  readonly to: unknown;
}

/** What a leaflet came with. */
export const CAME_WITH = [
  'bolts',
  'studs',
  'gasket',
  'liners',
  'pistons',
  'rings',
  'bearings',
  'valve-gear',
  'other',
] as const;
export type CameWith = (typeof CAME_WITH)[number];

/**
 * What lies over the sheet on one job: a leaflet that came with its parts, or a deviation, something
 * this engine has had done to it.
 */
export interface Layer {
  readonly id: string;
  readonly kind: 'leaflet' | 'deviation';
  /** The leaflet's own title; or what was done to the engine. */
  readonly title: string;
  readonly cameWith?: CameWith;
  readonly points: readonly Point[];
  readonly actId: string;
  readonly by: string;
  readonly at: string;
}

/** Stands for the sheet where a decision names who is followed. */
export const THE_SHEET = 'sheet';

/** Someone's word on which source holds at a place. */
export interface Decision {
  /** {@link THE_SHEET}, or the id of a leaflet or deviation. */
  readonly take: string;
  /** Everyone who had said something there when it was decided. */
  readonly among: readonly string[];
  readonly words: string;
  readonly by: string;
  readonly at: string;
}

export interface LayersState {
  readonly layers: readonly Layer[];
  /** The last decision by place. */
  readonly decided: Readonly<Record<string, Decision>>;
}

export const NO_LAYERS: LayersState = { layers: [], decided: {} };

/** The same object where an act says nothing of leaflets: what was worked out from it stands. */
export function evolveLayers(state: LayersState, act: LoggedAct): LayersState {
  switch (act.type) {
    case 'leaflet.entered': {
      const { leaflet: id, ...said } = act.data;
      return added(state, { id, kind: 'leaflet', ...said, actId: act.id, by: act.by, at: act.at });
    }
    case 'deviation.entered': {
      const { deviation: id, ...said } = act.data;
      return added(state, {
        id,
        kind: 'deviation',
        ...said,
        actId: act.id,
        by: act.by,
        at: act.at,
      });
    }
    case 'difference.decided': {
      const { places, ...decision } = act.data;
      return withDecision(state, places, { ...decision, by: act.by, at: act.at });
    }
    default:
      return state;
  }
}

/** The layers as they are once someone has decided at some places. */
export function withDecision(
  state: LayersState,
  places: readonly string[],
  decision: Decision,
): LayersState {
  const decided = Object.fromEntries(places.map((place) => [place, decision]));
  return { ...state, decided: { ...state.decided, ...decided } };
}

function added(state: LayersState, layer: Layer): LayersState {
  return { ...state, layers: [...state.layers, layer] };
}
