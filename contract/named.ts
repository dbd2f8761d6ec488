import type { z } from 'zod';

/** `id` names the shape in published schemas, where it then stands once. */
export function named<T extends z.ZodType>(id: string, schema: T): T {
  return schema.meta({ id });
}
