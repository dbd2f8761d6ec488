import { SCOPES } from '@cardinex/core/job/facts/scope';
import { LEAVE_OUT } from '@cardinex/core/job/facts/leaveOut';
import { CAUSES } from '@cardinex/core/job/facts/cause';
import { THING_KINDS } from '@cardinex/core/job/facts/register';
import { PARKED_WITH } from '@cardinex/core/job/facts/parking';
import { MARK_KINDS } from '@cardinex/core/job/facts/marks';
import { z } from 'zod';
import { REACH_MM } from '@cardinex/core/job/reach';
import { end } from '../sheets/end';
import { measure, plainId, uuid, words } from '../text';
import { printed } from './printed';

/** How far a job goes into an engine. */
export const scope = z.strictObject({ kind: z.enum(SCOPES), only: plainId.optional() });
export const because = z.enum(CAUSES);

const count = z.int().min(0).max(1000);

/** Keys core makes of ids: "flatness/head/1". */
const key = z
  .string()
  .max(200, 'is longer than a key')
  .regex(/^[\w.-]+(\/[\w.-]+)*$/, 'must be ids joined by /');

const found = z.enum(['good', 'not-good']);

const place = z.strictObject({
  bank: z.union([z.literal(''), plainId]),
  end,
  nth: count,
  of: count,
  part: key,
});

const holds = z.strictObject({
  card: z.enum(['liners', 'tighten', 'valves']),
  set: plainId.optional(),
});

/** What the acts from opening to inspection carry. */
export const intakeData = {
  'scope.widened': z.strictObject({ scope, words: words(400) }),
  'card.left-out': z.strictObject({ card: z.enum(LEAVE_OUT), words: words(400) }),
  'job.parked': z.strictObject({
    done: z.array(z.enum(PARKED_WITH)).max(PARKED_WITH.length),
    words: words(400),
    resumeBy: z.array(words(200)).max(30),
  }),
  'job.resumed': z.strictObject({ words: words(400).optional() }),
  'photograph.taken': z.strictObject({
    photograph: uuid,
    says: words(200),
    of: key.optional(),
    sha256: z.string().regex(/^[0-9a-f]{64}$/, 'must be 64 hexadecimal digits'),
  }),
  'cause.answered': z.strictObject({ because, words: words(400).optional() }),
  'check.read': z.strictObject({
    check: key,
    item: plainId,
    place: plainId.optional(),
    // A piston below its deck reads less than nothing.
    mm: measure(-REACH_MM.size, REACH_MM.size),
    printed,
    gauge: z.strictObject({ id: plainId, name: words(60) }).optional(),
    far: z.literal(true).optional(),
  }),
  'check.seen': z.strictObject({
    check: key,
    item: key,
    step: plainId.optional(),
    found,
    words: words(400).optional(),
  }),
  'check.decided': z.strictObject({
    check: key,
    item: z.union([z.literal(''), plainId]),
    decision: z.enum(['keep', 'rework', 'replace']),
    words: words(400),
  }),
  'mark.made': z.strictObject({
    mark: key,
    kind: z.enum(MARK_KINDS),
    code: words(160),
    place,
  }),
  'bolts.counted': z.strictObject({
    set: plainId,
    group: plainId,
    count,
    uses: z.int().min(0).max(50).optional(),
  }),
  'thing.put-in': z.strictObject({
    thing: plainId,
    kind: z.enum(THING_KINDS),
    what: words(80),
    where: words(120),
    bars: z.enum(['turning', 'starting', 'covering']).nullable(),
  }),
  'thing.taken-out': z.strictObject({ thing: plainId }),
  'part.arrived': z.strictObject({
    part: key,
    count,
    verdict: z.enum(['right', 'wrong', 'missing']),
    words: words(400).optional(),
  }),
  'work.sent': z.strictObject({
    work: plainId,
    what: words(200),
    to: words(120),
    holds: holds.optional(),
  }),
  'work.back': z.strictObject({
    work: plainId,
    result: words(400),
    certificate: words(120).optional(),
    washed: z.boolean(),
  }),
};
