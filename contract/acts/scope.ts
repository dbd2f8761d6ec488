import { z } from 'zod';
import { SCOPES, type ScopeActs } from '@cardinex/core/job/facts/scope';
import type { ActSchemas } from './actSchemas';
import { plainId, words } from '../text';

/** How far a job goes into an engine. */
export const scope = z.strictObject({
  kind: z.enum(SCOPES),
  only: plainId.exactOptional(),
  also: z
    .array(plainId)
    .min(1, 'must name a piece')
    .max(100, 'names more than 100')
    .exactOptional(),
  keep: z
    .array(z.strictObject({ piece: plainId, why: words(400) }))
    .min(1, 'must name a piece')
    .max(100, 'names more than 100')
    .exactOptional(),
});

export const scopeActs = {
  'scope.widened': z.strictObject({ scope, words: words(400) }),
} satisfies ActSchemas<ScopeActs>;
