import type { VariantActs } from '@cardinex/core/job/facts/variant';
import type { SliceWords } from '../actWords';

export const variantActWords: SliceWords<VariantActs> = {
  'variant.changed': {
    line: (data, { sheet }) => {
      const question = sheet.variants?.find(({ id }) => id === data.question);
      const option = question?.options.find(({ id }) => id === data.option);
      return { what: `Variant: ${option?.name ?? data.option}`, words: data.words };
    },
  },
};
