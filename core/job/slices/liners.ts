import { linerMarked, linerRead, linerSealed, linersPlaced } from '../cards/liners/evolve';
import {
  decideLinerRead,
  decideLinerSealed,
  decideLinersAccepted,
  decideLinersPlaced,
} from '../cards/liners/rules';
import { NO_LINERS, type LinersActs } from '../facts/liners';
import type { CardPlace } from '../kit/cardPlace';
import type { Slice } from '../kit/slice';
import { ANY_HAND, MECHANICS } from '../roles';
import type { Act } from '../act';

const LINERS: CardPlace = { card: 'liners' };

/** How high each liner stands, where it goes, and its seals. */
export const linersSlice: Slice<'liners', keyof LinersActs> = {
  name: 'liners',
  empty: NO_LINERS,
  acts: {
    'liner.read': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => LINERS,
      subject: ({ bore, place }) => `liner/${bore}/${place}`,
      decide: (_, act, context) => decideLinerRead(act, context),
    },
    'liners.accepted': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => LINERS,
      restsOn: (_, fact) => isOfLiners(fact),
      decide: ({ liners }, act, context) => decideLinersAccepted(liners, act, context),
    },
    'liners.placed': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => LINERS,
      restsOn: (_, fact) => isOfLiners(fact),
      decide: (_, act, context) => decideLinersPlaced(act, context),
    },
    'liner.sealed': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => LINERS,
      decide: (_, act, context) => decideLinerSealed(act, context),
    },
  },
  evolve: {
    'liner.read': linerRead,
    'liner.sealed': linerSealed,
    'liners.placed': linersPlaced,
    'mark.made': linerMarked,
    'liners.accepted': (liners, { data, at, by }) => ({
      ...liners,
      accepted: { by, at, ...data },
    }),
  },
};

function isOfLiners(fact: Act): boolean {
  return fact.type === 'liner.read' || fact.type === 'liner.sealed';
}
