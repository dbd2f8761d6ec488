import type { ActData } from '../act';
import { capsOneByOne } from '../cards/bearings/caps';
import { decideWayOpened } from '../cards/fit/rules';
import { decidePieceEased, decidePieceOff } from '../cards/strip/rules';
import { easedKey, NO_PIECES, type PiecesActs } from '../facts/pieces';
import type { CardPlace } from '../kit/cardPlace';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';
import type { JobSheet } from '../scope';

const STRIPPED: CardPlace = { card: 'strip' };

/** Caps that come off one at a time have a card of their own. */
function offOn({ pieces }: ActData['piece.off'], sheet: JobSheet): CardPlace {
  const ofCap = capsOneByOne(sheet).some(({ piece }) => pieces.includes(piece));
  return ofCap ? { card: 'bearings' } : STRIPPED;
}

/** What has come off the engine, and how it was found. */
export const piecesSlice: Slice<'pieces', keyof PiecesActs> = {
  name: 'pieces',
  empty: NO_PIECES,
  acts: {
    'piece.off': {
      nature: 'fact',
      roles: MECHANICS,
      card: offOn,
      decide: decidePieceOff,
    },
    'piece.eased': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => STRIPPED,
      decide: (_, act, context) => decidePieceEased(act, context),
    },
    'way.opened': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => null,
      decide: decideWayOpened,
    },
  },
  evolve: {
    'way.opened': (pieces, { data, at, by }) => ({
      ...pieces,
      reopened: {
        ...pieces.reopened,
        ...Object.fromEntries(data.pieces.map((id) => [id, { at, by }])),
      },
    }),
    'piece.off': (pieces, { data: { pieces: ids, ...found }, at, by, seq }) => ({
      ...pieces,
      off: {
        ...pieces.off,
        ...Object.fromEntries(ids.map((id) => [id, { ...found, at, by, seq }])),
      },
    }),
    'piece.eased': (pieces, { data, at, by }) => ({
      ...pieces,
      eased: { ...pieces.eased, [easedKey(data)]: { at, by } },
    }),
  },
};
