import type { z } from 'zod';

/** A schema for what each of a slice's acts says; one that is missing does not compile. */
export type ActSchemas<Acts> = { readonly [T in keyof Acts]: z.ZodType<Acts[T]> };
