import { z } from 'zod';
import { ROLES } from '@cardinex/core/job/roles';
import { named } from '../named';
import { moment, plainId, uuid, words } from '../text';

export const signInSchema = named(
  'SignIn',
  z.strictObject({
    shop: plainId.describe('The shop’s slug'),
    member: words(80).describe(
      'The member’s id; on a device the shop does not know yet, their name or initials',
    ),
    secret: z
      .string()
      .min(4, 'is at least four characters')
      .max(200, 'is at most 200 characters')
      .describe('A PIN for the crew, a passphrase for the lead'),
  }),
);
export type SignIn = z.infer<typeof signInSchema>;

export const instanceSchema = named(
  'Instance',
  z.strictObject({
    instance: z
      .string()
      .describe('The database’s own id: names the cookie and the outbox, so that copies don’t mix'),
    shops: z
      .array(z.strictObject({ slug: z.string(), name: z.string(), place: z.string() }))
      .describe('By name'),
  }),
);
export type Instance = z.infer<typeof instanceSchema>;

export const crewMemberSchema = named(
  'CrewMember',
  z.strictObject({
    id: uuid,
    name: z.string(),
    initials: z.string(),
    role: z.enum(ROLES),
    secretKind: z.enum(['pin', 'passphrase']),
  }),
);
export type CrewMember = z.infer<typeof crewMemberSchema>;

export const sessionSchema = named(
  'Session',
  z.strictObject({
    device: uuid,
    shop: z.strictObject({
      slug: z.string(),
      name: z.string(),
      timeZone: z.string().describe('IANA; records say their times in it'),
    }),
    proved: z
      .record(uuid, moment)
      .describe('Members who proved themselves on this device, and when'),
    crew: z.array(crewMemberSchema).describe('By name'),
  }),
);
export type Session = z.infer<typeof sessionSchema>;
