import { z } from 'zod';

/*
 * The fields of answers. Figures are not rounded.
 */

/** A figure, in the unit its field's name ends in. */
export const figure = (description: string) => z.number().describe(description);

export const text = (description: string) => z.string().describe(description);
export const flag = (description: string) => z.boolean().describe(description);

export const verdict = <const Words extends readonly string[]>(words: Words, description: string) =>
  z.enum(words).describe(description);

export const listOf = <Entry extends z.ZodType>(entry: Entry, description: string) =>
  z.array(entry).describe(description);

export const reason = text('The finding in a sentence');

const NO_LIMIT = 'no-limit = no limit was given, so nothing was checked';

/** Against one limit that must not be passed. */
export const limitVerdict = (description: string) =>
  verdict(
    ['within', 'over', 'no-limit'],
    `${description}: within = at or below its limit; ${NO_LIMIT}`,
  );

/** A gap or clearance against its least and its greatest. */
export const gapVerdict = (description: string) =>
  verdict(
    ['within', 'tight', 'loose', 'no-limit'],
    `${description}: tight = below the low limit, loose = above the high one; ${NO_LIMIT}`,
  );

/** Clearance that must not be less than a limit. */
export const clearanceVerdict = (description: string) =>
  verdict(
    ['within', 'too-close', 'no-limit'],
    `${description}: too-close = below the least clearance; ${NO_LIMIT}`,
  );

export const direction = verdict(
  ['in', 'out', 'none'],
  'Which way to turn the screw: in = clockwise of a right-hand thread, none = it is right as it is',
);

/** A part of a cylinder's own cycle. */
export const windowFound = (description: string) =>
  z
    .strictObject({
      fromDeg: figure('Where it begins: degrees of the crank after the cylinder’s firing top'),
      toDeg: figure('Where it ends, counted the same way'),
    })
    .describe(description);
