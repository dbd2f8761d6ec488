import { z } from 'zod';
import type { HandsActs } from '@cardinex/core/job/facts/hands';
import type { ActSchemas } from './actSchemas';
import { plainId, words } from '../text';

export const handsActs = {
  'hands.in': z.strictObject({ where: words(120) }),
  'hands.out': z.strictObject({ whose: plainId }),
} satisfies ActSchemas<HandsActs>;
