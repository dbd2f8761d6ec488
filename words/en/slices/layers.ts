import type { LayersActs } from '@cardinex/core/job/facts/layers';
import { THE_SHEET } from '@cardinex/core/job/layers';
import type { SliceWords } from '../actWords';
import { plural } from '../kit';

export const layersActWords: SliceWords<LayersActs> = {
  'leaflet.entered': {
    line: ({ title, points }) => ({ what: `Leaflet: ${title}`, value: figures(points.length) }),
  },
  'deviation.entered': {
    line: ({ title, points }) => ({ what: `Deviation: ${title}`, value: figures(points.length) }),
  },
  'difference.decided': {
    line: ({ take, places, words }) => ({
      what: `Decided: ${take === THE_SHEET ? 'the sheet holds' : 'the leaflet holds'}`,
      value: figures(places.length),
      words,
    }),
  },
};

function figures(count: number): string {
  return plural(count, { one: '1 figure', other: `${count} figures` });
}
