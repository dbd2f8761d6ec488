import { headOf } from '../../sheet/assembly/references';
import type { OutOfOrderActs } from '../facts/outOfOrder';
import { cardKey } from '../kit/cardPlace';
import type { Slice } from '../kit/slice';
import { without } from '../kit/without';
import { MECHANICS } from '../roles';

/** Cards gone on with out of their order. */
export const outOfOrderSlice: Slice<'outOfOrder', keyof OutOfOrderActs> = {
  name: 'outOfOrder',
  empty: {},
  acts: {
    // It mends a card that is barred, and rests on no fact: it says that one is not waited for.
    'card.out-of-order': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => null,
      restsOn: null,
    },
  },
  evolve: {
    'card.out-of-order': (passed, { data, at, by }) => {
      const { despite, words } = data;
      const key = cardKey(data);
      return { ...passed, [key]: [...(passed[key] ?? []), { despite, words, at, by }] };
    },
    // What is off again goes on in its order, unless somebody says so once more.
    'way.opened': (passed, { data: { pieces } }) =>
      without(
        passed,
        pieces.map((id) => cardKey({ card: 'fit', set: headOf(id) })),
      ),
  },
};
