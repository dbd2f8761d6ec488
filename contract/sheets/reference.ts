import { z } from 'zod';
import { plainId } from '../text';

/** Parts of an instance's name, and of an act's key: no slash. */
export const keyPart = plainId
  .max(40, 'is longer than 40 characters')
  .regex(/^[\w.-]+$/, 'may hold letters, digits and . - _ only');

/** A piece of the assembly, one instance of it, or something done at the engine. */
export const reference = z
  .string()
  .max(81, 'is longer than 81 characters')
  .regex(
    /^[\w.-]{1,40}(\/([\w.-]{1,40}|\*))?$/,
    'must be a piece as "head", one of it as "head/2", or all of it as "head/*"',
  );
