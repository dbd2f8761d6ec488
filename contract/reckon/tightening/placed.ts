import { z } from 'zod';
import { id, mm } from '../fields';

/** Where a fastener stands, seen from above. */
export const place = {
  xMm: mm.signed('How far it stands from the set’s own corner, away from the cylinder-1 end'),
  yMm: mm.signed('How far it stands from that corner, down the page'),
};

/** A fastener by its name and place. */
export const placed = z.strictObject({ id: id('The fastener’s name, each once'), ...place });

/** Ten in two rows of five, for examples. */
export const TEN_FASTENERS = Array.from({ length: 10 }, (_, at) => ({
  id: `b${at + 1}`,
  xMm: Math.floor(at / 2) * 110,
  yMm: (at % 2) * 130,
}));
