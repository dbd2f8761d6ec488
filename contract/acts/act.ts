import { z } from 'zod';
import { actUnion } from './actUnion';
import { ACTS } from './acts';
import { MOST_IN_BATCH } from './limits';
import { moment, uuid } from '../text';

/** More facts than this no decision of one card rests on. */
const MOST_RESTED_ON = 2000;

const envelope = {
  id: uuid,
  v: z.literal(1),
  at: moment,
  by: uuid,
  device: uuid,
  count: z.int().min(1).max(1_000_000),
  seenSeq: z.int().min(0).max(1_000_000),
  unproved: z.literal(true).exactOptional(),
  restedOn: z.array(uuid).max(MOST_RESTED_ON).exactOptional(),
};

/** One act as it comes over the wire. Unknown fields are refused: a misspelt one must not be lost. */
export const actSchema = actUnion(envelope, ACTS);

/** Ten years: what waits longer is not sent by the page that made it. */
const MOST_WAITED_MS = 10 * 366 * 24 * 60 * 60 * 1000;

export const batchSchema = z.strictObject({
  /** The device's clock as it sends, so that a wrong one can be flagged. */
  sentAt: moment,
  /** Each act is read on its own: a bad one is refused, the rest go on. */
  acts: z.array(z.unknown()).min(1).max(MOST_IN_BATCH),
  /** For how long each waited on the device, by a clock that cannot be set; null where that is not known. */
  waitedMs: z
    .array(z.number().min(0).max(MOST_WAITED_MS).nullable())
    .max(MOST_IN_BATCH)
    .exactOptional(),
  /** They were made before their sender knew that an act before them is refused. */
  behindRefused: z.boolean().exactOptional(),
});
