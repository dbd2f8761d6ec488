import { z } from 'zod';
import type { StruckActs } from '@cardinex/core/job/facts/struck';
import type { ActSchemas } from './actSchemas';
import { uuid, words } from '../text';

export const struckActs = {
  struck: z.strictObject({ target: uuid, words: words(400).exactOptional() }),
} satisfies ActSchemas<StruckActs>;
