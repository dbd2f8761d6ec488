import { z } from 'zod';
import type { CrankActs } from '@cardinex/core/job/facts/crank';
import type { ActSchemas } from './actSchemas';
import { measure, words } from '../text';

export const crankActs = {
  'crank.stood': z.strictObject({
    atDeg: measure(0, 720),
    seen: words(200),
    words: words(400).exactOptional(),
  }),
  'crank.doubted': z.strictObject({ words: words(400) }),
  'crank.overshot': z.strictObject({ words: words(400).exactOptional() }),
} satisfies ActSchemas<CrankActs>;
