import { z } from 'zod';
import type { CribActs } from '@cardinex/core/job/facts/crib';
import type { JobEvent } from '@cardinex/core/job/act';
import { chainLink } from '../chainLink';
import { named } from '../named';
import { coded } from '../problem';
import { uuid } from '../text';
import { envelope } from './act';
import type { ActSchemas } from './actSchemas';
import { ACTS } from './acts';
import { actUnion } from './actUnion';

/** Acts that no device sends: the server writes them. */
const SERVER_ACTS = {
  'crib.judged': z.strictObject({
    tool: uuid.describe('The tool whose log has grown'),
    seq: z.int().describe('How far its log was read'),
    agree: z.array(uuid).describe('Acts that had not agreed with the crib, and do by now'),
  }),
} satisfies ActSchemas<CribActs>;

/** What the log says of an act because of what its sender had not seen, or cannot vouch for. */
const stamp = {
  clockOffMs: named(
    'ClockOff',
    z
      .number()
      .describe('How far the device’s clock was off the server’s, when more than two minutes'),
  ).exactOptional(),
  pending: named(
    'Pending',
    z
      .strictObject({
        why: coded('Why the decision could not be taken as it is'),
        unseen: z.array(uuid).describe('Facts it would have rested on'),
      })
      .describe('A decision without effect until a pending.decided says that it holds'),
  ).exactOptional(),
  reopens: named(
    'Reopens',
    z.array(uuid).describe('Decisions that did not know of this fact'),
  ).exactOptional(),
  ground: named(
    'Ground',
    z.array(uuid).describe('Waiting decisions this fact rested on'),
  ).exactOptional(),
  behindRefused: named(
    'BehindRefused',
    z.literal(true).describe('A fact behind an act of its device that was refused'),
  ).exactOptional(),
  crib: named(
    'CribJudgement',
    z
      .strictObject({
        seq: z.int().describe('How far the tool’s own log was read'),
        agrees: z.boolean().describe('Whether the wrench was as the act says'),
      })
      .describe('What the tool’s own log said of the wrench named'),
  ).exactOptional(),
  timeDoubt: named(
    'TimeDoubt',
    z
      .enum(['ahead', 'before-opening', 'before-own'])
      .describe('Why it cannot have been done when its device says'),
  ).exactOptional(),
  staleProof: named(
    'StaleProof',
    z.literal(true).describe('The member’s PIN was given longer than a shift before'),
  ).exactOptional(),
};

/** An act as the log of its job keeps it. */
export const eventSchema = named(
  'Event',
  actUnion<JobEvent>(
    {
      ...envelope,
      count: z
        .int()
        .min(0)
        .describe('Counts this device’s acts on this job from 1; 0: the server’s'),
      ...stamp,
      ...chainLink,
    },
    { ...ACTS, ...SERVER_ACTS },
  ),
);
