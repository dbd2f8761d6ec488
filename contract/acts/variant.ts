import { z } from 'zod';
import type { VariantActs } from '@cardinex/core/job/facts/variant';
import type { ActSchemas } from './actSchemas';
import { plainId, words } from '../text';

export const variantActs = {
  'variant.changed': z.strictObject({ question: plainId, option: plainId, words: words(400) }),
} satisfies ActSchemas<VariantActs>;
