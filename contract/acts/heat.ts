import { z } from 'zod';
import type { HeatActs } from '@cardinex/core/job/facts/heat';
import type { ActSchemas } from './actSchemas';
import { words } from '../text';

export const heatActs = {
  'heat.reached': z.strictObject({ words: words(400) }),
} satisfies ActSchemas<HeatActs>;
