import { z } from 'zod';
import { named } from './named';

/** Anything JSON can say. `z.json` would go round in a circle that has no name to be published by. */
export const json: z.ZodType<unknown> = named(
  'Json',
  z.lazy(() =>
    z.union(
      [z.string(), z.number(), z.boolean(), z.null(), z.array(json), z.record(z.string(), json)],
      'must be a JSON value',
    ),
  ),
);
