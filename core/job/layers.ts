import type { Layer, Decision, LayersState } from './facts/layers';
import type { LoggedAct } from './act';

/** Stands for the sheet where a decision names who is followed. */
export const THE_SHEET = 'sheet';

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
