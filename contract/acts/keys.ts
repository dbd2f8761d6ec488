import { z } from 'zod';

/** How many of something were counted. */
export const count = z.int().min(0).max(1000);

/** Keys core makes of ids: "flatness/head/1". */
export const key = z
  .string()
  .max(200, 'is longer than a key')
  .regex(/^[\w.-]+(\/[\w.-]+)*$/, 'must be ids joined by /');
