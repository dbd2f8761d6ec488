import fc from 'fast-check';
import type { z } from 'zod';
import { faultsOfZod, read } from '@cardinex/contract/faults';
import { RECKONINGS, RECKON_NAMES } from '@cardinex/contract/reckon/reckonings';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { faultSentence } from '@cardinex/words/faults';
import { reckon } from '../reckon/reckon';
import { RAW_WORDS } from './rawWords';

/** One value somewhere inside replaced by another. */
function spoilt(value: unknown, to: unknown, pick: number): unknown {
  if (typeof value !== 'object' || value === null) return to;
  const keys = Object.keys(value);
  const key = keys[pick % Math.max(keys.length, 1)];
  if (key === undefined) return to;
  const inner = spoilt((value as never)[key], to, Math.floor(pick / keys.length));
  if (Array.isArray(value)) return value.map((entry, at) => (String(at) === key ? inner : entry));
  return { ...value, [key]: inner };
}

describe.each(RECKON_NAMES)('%s', (name) => {
  const { example, answer: published } = RECKONINGS[name];
  const asked: z.ZodType = RECKONINGS[name].input;

  it('answers in its published shape or names a field, whatever one or two of its values are', () => {
    const junk = fc.oneof(
      fc.constantFrom<unknown>(null, '', 'x', [], {}, true, 0, -0, -1, 1e308, -1e308, 1e-308),
      fc.double(),
      fc.integer({ min: -1000, max: 1000 }),
    );
    fc.assert(
      fc.property(junk, fc.nat(), fc.option(junk), fc.nat(), (first, where, second, there) => {
        const once = spoilt(example, first, where);
        const twice = second === null ? once : spoilt(once, second, there);
        const input = read(asked, twice);
        if (!input.success) {
          const faults = faultsOfZod(input.error);
          expect(faults.length).toBeGreaterThan(0);
          expect(faults.filter(({ says }) => RAW_WORDS.test(says))).toEqual([]);
          return;
        }
        try {
          const answer = reckon(name, input.data as never);
          expect(published.safeParse(answer).error).toBeUndefined();
        } catch (error) {
          if (!(error instanceof ReckoningFault)) throw error;
          expect(faultSentence(error)).toMatch(/^[\w.[\]]+.*\.$/);
        }
      }),
      { numRuns: Number(process.env.CARDINEX_MUTATIONS ?? 300) },
    );
  });
});
