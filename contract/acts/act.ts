import { z } from 'zod';
import type { SentAct } from '@cardinex/core/job/act';
import { named } from '../named';
import { actUnion } from './actUnion';
import { ACTS } from './acts';
import { MOST_IN_BATCH } from './limits';
import { moment, uuid } from '../text';

/** More facts than this no decision of one card rests on. */
const MOST_RESTED_ON = 2000;

/** What every act carries besides its type and what it says. */
export const envelope = {
  id: named('ActId', uuid.describe('Made on the device, UUIDv7')),
  v: z.literal(1),
  at: named('HandTime', moment.describe('When, by the device’s clock')),
  by: named('MemberId', uuid.describe('The member')),
  device: named('DeviceId', uuid.describe('The device')),
  count: named(
    'Count',
    z.int().min(1).max(1_000_000).describe('Counts this device’s acts on this job from 1'),
  ),
  seenSeq: named(
    'SeenSeq',
    z.int().min(0).max(1_000_000).describe('The last event of the job the device had seen'),
  ),
  unproved: named(
    'Unproved',
    z.literal(true).describe('The member was switched to without a PIN, the network being away'),
  ).exactOptional(),
  restedOn: named(
    'RestedOn',
    z.array(uuid).max(MOST_RESTED_ON).describe('Of a decision: the ids of the facts it rested on'),
  ).exactOptional(),
};

/** One act as it comes over the wire. Unknown fields are refused: a misspelt one must not be lost. */
export const actSchema = named('Act', actUnion<SentAct>(envelope, ACTS));

/** Ten years: what waits longer is not sent by the page that made it. */
const MOST_WAITED_MS = 10 * 366 * 24 * 60 * 60 * 1000;

export const batchSchema = named(
  'Batch',
  z.strictObject({
    sentAt: moment.describe('The device’s clock as it sends, so that a wrong one can be flagged'),
    acts: z
      .array(z.unknown())
      .min(1)
      .max(MOST_IN_BATCH)
      .describe(
        'In order, each as components.schemas.Act; each is read by itself: a bad one is refused, the rest go on',
      ),
    waitedMs: z
      .array(z.number().min(0).max(MOST_WAITED_MS).nullable())
      .max(MOST_IN_BATCH)
      .describe(
        'For how long each waited on the device, by a clock that cannot be set; null where that is not known',
      )
      .exactOptional(),
    behindRefused: z
      .boolean()
      .describe('They were made before their sender knew that an act before them is refused')
      .exactOptional(),
  }),
);
