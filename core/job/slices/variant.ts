import type { VariantActs } from '../facts/variant';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';
import { ACCEPTED, refused } from '../verdict';

/** Which of the sheet's variants this engine is. */
export const variantSlice: Slice<'variant', keyof VariantActs> = {
  name: 'variant',
  empty: {},
  acts: {
    'variant.changed': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => null,
      restsOn: null,
      decide: (_, { data }, { sheet }) => {
        const question = sheet.variants?.find(({ id }) => id === data.question);
        return question?.options.some(({ id }) => id === data.option)
          ? ACCEPTED
          : refused('unknown-variant', { question: question?.ask ?? data.question });
      },
    },
  },
  evolve: {
    'job.opened': (_, { data }) => data.variant ?? {},
    'variant.changed': (variant, { data }) => ({ ...variant, [data.question]: data.option }),
  },
};
