import { z } from 'zod';

/** A lone surrogate or a NUL can be sent as JSON and kept by no database. */
const UNKEEPABLE =
  /[\u0000-\u0008\u000b-\u001f\u007f]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;

/** Words of a person: trimmed, not empty, at most `longest` characters, nothing unprintable. */
export function words(longest: number): z.ZodString {
  return z
    .string()
    .trim()
    .min(1, 'needs a few words')
    .max(longest, `is longer than ${longest} characters`)
    .refine((text) => !UNKEEPABLE.test(text), 'holds a character that cannot be kept');
}

/** An identifier within a document: short, plain. */
export const plainId = z
  .string()
  .min(1)
  .max(80)
  .regex(/^[\w.:/-]+$/, 'may hold letters, digits and . : / - _ only');

export const uuid = z.uuid('must be a UUID');

/** ISO 8601 with its offset, so that the shop's own time can be told. */
export const moment = z.iso.datetime({
  offset: true,
  error: 'must be an ISO time with its offset',
});

/** A finite number within a range that no engine leaves. */
export function measure(low: number, high: number): z.ZodNumber {
  return z
    .number('must be a number')
    .min(low, `must be ${low} or more`)
    .max(high, `must be ${high} or less`);
}
