import { z } from 'zod';
import type { TopActs } from '@cardinex/core/job/facts/top';
import type { ActSchemas } from './actSchemas';
import { measure, words } from '../text';

export const topActs = {
  'top.found': z.union([
    z.strictObject({ stopForwardDeg: measure(0, 360), stopBackDeg: measure(0, 360) }),
    z.strictObject({ arcMm: measure(0.5, 10_000) }),
  ]),
  'crank.marked': z.strictObject({ words: words(400) }),
} satisfies ActSchemas<TopActs>;
