import { z } from 'zod';
import { CAME_WITH, type LayersActs } from '@cardinex/core/job/facts/layers';
import type { ActSchemas } from './actSchemas';
import { json } from '../json';
import { plainId, words } from '../text';

/** More figures than this are another sheet, not a leaflet. */
const MOST_POINTS = 60;
/** Characters of JSON; a whole programme of thirty bolts has some 6,000. */
const LONGEST_VALUE = 20_000;

const place = z
  .string()
  .max(300, 'is longer than a place of a sheet')
  .regex(/^(\/[^/]+)+$/, 'must name a place of the sheet, as /liners/low');
/** A part of a sheet: whether it is one where it belongs is asked when it is laid over the sheet. */
const figure = json.refine(
  (value) => JSON.stringify(value).length <= LONGEST_VALUE,
  'is longer than a figure',
);
const points = z
  .array(z.strictObject({ at: place, to: figure }))
  .max(MOST_POINTS, `holds more than ${MOST_POINTS} figures`);

export const layersActs = {
  'leaflet.entered': z.strictObject({
    leaflet: plainId,
    title: words(120),
    cameWith: z.enum(CAME_WITH),
    points: points.min(1, 'must say something'),
  }),
  'deviation.entered': z.strictObject({ deviation: plainId, title: words(200), points }),
  'difference.decided': z.strictObject({
    places: z.array(place).min(1).max(MOST_POINTS),
    take: plainId,
    among: z.array(plainId).min(1).max(50),
    words: words(400),
  }),
} satisfies ActSchemas<LayersActs>;
