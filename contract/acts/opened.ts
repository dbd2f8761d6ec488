import { z } from 'zod';
import type { OpenedActs } from '@cardinex/core/job/facts/opened';
import type { ActSchemas } from './actSchemas';
import { end } from '../sheets/end';
import { because } from './cause';
import { scope } from './scope';
import { measure, plainId, sha256, words } from '../text';

const pinnedSheet = z.strictObject({
  id: plainId,
  revision: z.int().min(1),
  hash: sha256,
});

export const openedActs = {
  'job.opened': z.strictObject({
    sheet: pinnedSheet,
    serial: words(40),
    hours: measure(0, 1_000_000).exactOptional(),
    name: words(60),
    why: words(400).exactOptional(),
    cylinder1End: end,
    variant: z.record(plainId, plainId).exactOptional(),
    scope,
    because: because.exactOptional(),
  }),
  'sheet.taken': z.strictObject({ sheet: pinnedSheet, words: words(400) }),
} satisfies ActSchemas<OpenedActs>;
