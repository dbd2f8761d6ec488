import { z } from 'zod';
import { words } from '../text';

/** A reading as it was typed. */
export const printed = z.strictObject({ text: words(20), unit: z.enum(['mm', 'thou', 'in']) });
