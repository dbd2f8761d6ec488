import type { z } from 'zod';

/**
 * What is wrong with a value, after the name of its field, where its schema has no words of its own.
 * Bounds are named: whoever is out of them is told what they are.
 */
export const plainWords: z.core.$ZodErrorMap = (issue) => {
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined
        ? 'is missing'
        : `must be ${KINDS[issue.expected] ?? issue.expected}`;
    case 'too_small':
      return `must ${sized(issue.origin, Number(issue.minimum), 'or more')}`;
    case 'too_big':
      return `must ${sized(issue.origin, Number(issue.maximum), 'or less')}`;
    case 'invalid_value':
      return `must be ${issue.values.length > 1 ? 'one of ' : ''}${issue.values.map(String).join(', ')}`;
    case 'invalid_format':
      return `must be written as ${FORMATS[issue.format] ?? 'the interface describes it'}`;
    case 'not_multiple_of':
      return `must be a multiple of ${issue.divisor}`;
    case 'unrecognized_keys':
      return 'is not a field known here; check its spelling';
    case 'invalid_key':
    case 'invalid_element':
      return 'holds an entry that does not fit';
    case 'invalid_union':
      return 'is none of the kinds it may be';
    case 'custom':
      return 'does not fit';
  }
};

const KINDS: Readonly<Record<string, string>> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  object: 'an object',
  record: 'an object',
  array: 'a list',
  tuple: 'a list',
  boolean: 'true or false',
  null: 'null',
};

const FORMATS: Readonly<Record<string, string>> = {
  uuid: 'a UUID',
  date: 'a date like 2026-03-31',
  datetime: 'an ISO time with its offset',
};

function sized(origin: string, bound: number, side: string): string {
  if (origin === 'string') return `have ${bound} characters ${side}`;
  if (origin === 'array') return `have ${bound} entries ${side}`;
  return `be ${bound} ${side}`;
}
