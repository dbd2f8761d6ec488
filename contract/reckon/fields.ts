import { z } from 'zod';
import { measure, plainId, truth, whole as wholeNumber } from '../text';

/*
 * The fields of reckonings. Each takes its description, and says its bounds to whoever goes beyond them.
 * Bounds are such that no engine leaves them and no server chokes on them.
 */

type Described<Schema> = (description: string) => Schema;

/** Less than a millionth of a unit is nothing: core compares no finer. */
const SMALLEST = 1e-6;

/** A number from `low` to `high`. */
export function number(low: number, high: number, unit = ''): Described<z.ZodNumber> {
  return (description) => measure(low, high, unit).describe(description);
}

/** A number above zero, up to `high`. */
export function positive(high: number, unit = ''): Described<z.ZodNumber> {
  return number(SMALLEST, high, unit);
}

/** A whole number from `low` to `high`. */
export function whole(low: number, high: number): Described<z.ZodInt> {
  return (description) => wholeNumber(low, high).describe(description);
}

function quantity(unit: string, most: number) {
  return {
    /** On either side of zero. */
    signed: number(-most, most, unit),
    /** Zero or above. */
    fromZero: number(0, most, unit),
    /** Above zero. */
    positive: positive(most, unit),
  };
}

export const mm = quantity('mm', 10_000);
export const deg = quantity('degrees', 3600);
export const nm = quantity('N·m', 100_000);
export const kn = quantity('kN', 100_000);
export const bar = quantity('bar', 100_000);
export const mpa = quantity('MPa', 100_000);
export const grams = quantity('g', 1_000_000);
export const cc = quantity('cm³', 1_000_000);
export const holes = quantity('holes', 10_000);
export const turns = quantity('turns', 1000);
/** A part of a whole: 0 is none of it, 1 all. */
export const share = number(0, 1);
export const cylinder = whole(1, 99);

/** The name of something within one question, by which the answer speaks of it. */
export const id: Described<typeof plainId> = (description) => plainId.describe(description);

export const day: Described<z.ZodType<string>> = (description) =>
  z.iso.date('must be a day there is, like 2026-03-31').describe(description);

export const yesNo: Described<z.ZodBoolean> = (description) => truth.describe(description);

/** One of some words. */
export function oneOf<const Words extends readonly string[]>(words: Words, description: string) {
  return z.enum(words, `must be one of ${words.join(', ')}`).describe(description);
}

/** A list of `least` to `most` entries. */
export function list<Entry extends z.ZodType>(
  entry: Entry,
  [least, most]: readonly [number, number],
  description: string,
): z.ZodArray<Entry> {
  const bounds =
    least === most
      ? `must be a list of ${most} entries`
      : `must be a list of ${least} to ${most} entries`;
  return z.array(entry, bounds).min(least, bounds).max(most, bounds).describe(description);
}

export const strokes = z
  .union([z.literal(4), z.literal(2)], 'must be 4 or 2')
  .describe('Strokes of a cycle: 4, or 2 for a uniflow two-stroke with exhaust valves');

/** A part of a cylinder's own cycle. */
export const window: Described<z.ZodObject<{ fromDeg: z.ZodNumber; toDeg: z.ZodNumber }>> = (
  description,
) =>
  z
    .strictObject({
      fromDeg: deg.signed(
        'Where it begins: degrees of the crank in the cylinder’s own cycle, 0 at its firing top, running forward',
      ),
      toDeg: deg.signed('Where it ends, counted the same way; it may wrap past the cycle’s end'),
    })
    .describe(description);

/** Along a row of liners as they stand: which of two neighbours may be the higher. */
export const rise = oneOf(
  ['none', 'either', 'up', 'down'],
  'Along each bank in block order stand-outs may: none = vary freely, up = not fall, down = not rise, either = go one way only',
);
