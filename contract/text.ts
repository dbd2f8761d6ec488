import { z } from 'zod';
import { named } from './named';

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
  .min(1, 'must have 1 to 80 characters')
  .max(80, 'must have 1 to 80 characters')
  .regex(/^[\w.:/-]+$/, 'may hold letters, digits and . : / - _ only');

export const uuid = named('Uuid', z.uuid('must be a UUID'));

/** ISO 8601 with its offset, so that the shop's own time can be told. */
export const moment = named(
  'Moment',
  z.iso.datetime({ offset: true, error: 'must be an ISO time with its offset' }),
);

/** A finite number within a range that no engine leaves; whoever goes beyond is told both bounds. */
export function measure(low: number, high: number, unit = ''): z.ZodNumber {
  const bounds = `must be a number from ${low} to ${high}${unit && ` ${unit}`}`;
  return z.number(bounds).min(low, bounds).max(high, bounds);
}

/** The same of whole numbers. */
export function whole(low: number, high: number): z.ZodInt {
  const bounds = `must be a whole number from ${low} to ${high}`;
  return z.int(bounds).min(low, bounds).max(high, bounds);
}

export const truth = z.boolean('must be true or false');

/** Text of 1 to `longest` characters, as it is. */
export function characters(longest: number): z.ZodString {
  const bounds = `must be 1 to ${longest} characters`;
  return z.string(bounds).min(1, bounds).max(longest, bounds);
}

/** In lower-case hexadecimal digits. */
export const sha256 = z.string().regex(/^[0-9a-f]{64}$/, 'must be 64 hexadecimal digits');
