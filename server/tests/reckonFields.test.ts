import type { z } from 'zod';
import { faultsOfZod, placeOf, read } from '@cardinex/contract/faults';
import { RECKONINGS, RECKON_NAMES, type ReckonName } from '@cardinex/contract/reckon/reckonings';
import { ReckoningFault, type ReckoningFaultCode } from '@cardinex/core/quantity/reckoningFault';
import { reckon } from '../reckon/reckon';
import { descriptionOf, fieldsOf, numbersIn, schemaOf, withAt } from './reckonFields';

/** What core says of a number that is out of bounds by itself, whatever else was sent. */
const OUT_OF_BOUNDS: readonly ReckoningFaultCode[] = [
  'must-be-positive',
  'must-not-be-negative',
  'must-be-whole',
  'at-most',
  'not-that-many',
  'between',
];

/** Bounds that follow from another field, as their descriptions say. */
const BY_ANOTHER: Readonly<Partial<Record<ReckonName, readonly string[]>>> = {
  'tappet-shims': ['highMm', 'targetMm'],
};

describe.each(RECKON_NAMES)('%s', (name) => {
  const { answer, example } = RECKONINGS[name];
  const input: z.ZodType = RECKONINGS[name].input;
  const numbers = numbersIn(schemaOf(input), example);

  it('describes every field that it takes and answers', () => {
    const silent = [...fieldsOf(schemaOf(input)), ...fieldsOf(schemaOf(answer))].filter(
      ([, field]) => descriptionOf(field).length < 4,
    );
    expect(silent.map(([path]) => path)).toEqual([]);
  });

  it('tells a number out of its bounds what they are', () => {
    for (const { path, node } of numbers) {
      const { minimum = NaN, maximum = NaN } = node;
      for (const beyond of [minimum - 1e-7 - Math.abs(minimum) * 1e-6, maximum * 1.000001 + 1e-7]) {
        const held = read(input, withAt(example, path, beyond));
        const reported = held.error ? faultsOfZod(held.error) : [];
        const current = reported.find(({ at }) => at === placeOf(path))?.says ?? 'nothing';
        expect([placeOf(path), beyond, current]).toEqual([
          placeOf(path),
          beyond,
          expect.stringContaining(`from ${minimum} to ${maximum}`),
        ]);
      }
    }
  });

  it('works with every number within the bounds that it publishes', () => {
    for (const { path, node } of numbers) {
      for (const bound of [node.minimum, node.maximum]) {
        const held = read(input, withAt(example, path, bound));
        const field = placeOf(path);
        expect([field, bound, held.error]).toEqual([field, bound, undefined]);
        const fault = faultOf(name, held.data);
        const isOut = fault?.field === field && OUT_OF_BOUNDS.includes(fault.code);
        const isMeant = BY_ANOTHER[name]?.includes(field) ?? false;
        expect([field, bound, isOut && !isMeant && fault.code]).toEqual([field, bound, false]);
      }
    }
  });
});

function faultOf(name: ReckonName, input: unknown): ReckoningFault | null {
  try {
    reckon(name, input as never);
    return null;
  } catch (error) {
    if (error instanceof ReckoningFault) return error;
    throw error;
  }
}
