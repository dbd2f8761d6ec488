import type { z } from 'zod';

/** A reckoning as the world outside sees it; what works it out is in `core/`. */
interface Reckoning<Input extends z.ZodType, Answer extends z.ZodType> {
  /** What it finds, in a line. */
  readonly summary: string;
  /** Unknown fields are refused, so that a misspelt limit is not dropped. */
  readonly input: Input;
  /** What core finds, with a sentence for it. */
  readonly answer: Answer;
  /** A question it can answer, shown in the OpenAPI document and asked by the tests. */
  readonly example: z.output<Input>;
}

/** Holds the example to the input. */
export function reckoning<Input extends z.ZodType, Answer extends z.ZodType>(
  entry: Reckoning<Input, Answer>,
): Reckoning<Input, Answer> {
  return entry;
}
