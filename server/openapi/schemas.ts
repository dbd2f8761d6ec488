import { z } from 'zod';

export type Json = Readonly<Record<string, unknown>>;

interface Published {
  /** Each schema by the key it came with; what is named is only referred to. */
  readonly byKey: Readonly<Record<string, Json>>;
  /** What has a name, for `components.schemas`. */
  readonly named: Readonly<Record<string, Json>>;
}

/**
 * Zod schemas as the JSON Schemas of one OpenAPI document, named ones once.
 * @param io whether they are of what is sent or of what is answered
 * @throws Error for a schema that goes round in a circle and has no name, or that JSON Schema cannot say
 */
export function publish(
  schemas: Readonly<Record<string, z.ZodType>>,
  io: 'input' | 'output',
): Published {
  const { properties, $defs = {} } = z.toJSONSchema(z.strictObject(schemas), { io });
  const unnamed = Object.keys($defs).filter((name) => name.startsWith('__'));
  if (unnamed.length > 0) throw new Error(`Schemas without a name: ${unnamed.join(', ')}`);
  return {
    byKey: referring(properties) as Readonly<Record<string, Json>>,
    named: referring($defs) as Readonly<Record<string, Json>>,
  };
}

/** The same, with its references to where an OpenAPI document keeps schemas. */
function referring(schema: unknown): unknown {
  return JSON.parse(
    JSON.stringify(schema).replaceAll('"#/$defs/', '"#/components/schemas/'),
  ) as unknown;
}
