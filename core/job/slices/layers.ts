import { decideDifference, decideLayer } from '../decideLayers';
import { NO_LAYERS, type LayersActs } from '../facts/layers';
import type { Slice } from '../kit/slice';
import { withDecision } from '../layers';
import { ANY_HAND, MECHANICS } from '../roles';

/** Leaflets and deviations over the sheet, and which holds where they differ. */
export const layersSlice: Slice<'layers', keyof LayersActs> = {
  name: 'layers',
  empty: NO_LAYERS,
  acts: {
    // What is printed on a paper, or has been done to an engine, is so whoever reads it.
    'leaflet.entered': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => null,
      decide: decideLayer,
    },
    'deviation.entered': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => null,
      decide: decideLayer,
    },
    'difference.decided': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => null,
      // It names the sources it rests on itself.
      restsOn: null,
      decide: decideDifference,
    },
  },
  evolve: {
    'leaflet.entered': (state, { id: actId, data: { leaflet: id, ...said }, at, by }) => ({
      ...state,
      layers: [...state.layers, { id, kind: 'leaflet', ...said, actId, at, by }],
    }),
    'deviation.entered': (state, { id: actId, data: { deviation: id, ...said }, at, by }) => ({
      ...state,
      layers: [...state.layers, { id, kind: 'deviation', ...said, actId, at, by }],
    }),
    'difference.decided': (state, { data: { places, ...decision }, at, by }) =>
      withDecision(state, places, { ...decision, at, by }),
  },
};
