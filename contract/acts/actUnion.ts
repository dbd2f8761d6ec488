import { z } from 'zod';

/**
 * The schema of an act, whichever it is, out of what each says.
 * @param envelope what every act carries besides its type and data
 * @param schemas by act type
 */
export function actUnion<Act>(
  envelope: z.core.$ZodLooseShape,
  schemas: Readonly<Record<string, z.ZodType>>,
): z.ZodType<Act> {
  const [first, ...others] = Object.entries(schemas).map(([type, data]) =>
    z.strictObject({ ...envelope, type: z.literal(type), data }),
  );
  if (!first) throw new Error('there are no acts');
  // Which type goes with which data is lost in the loop: `acts.test.ts` holds that each schema is its payload's.
  return z.discriminatedUnion('type', [first, ...others]) as unknown as z.ZodType<Act>;
}
