import { decideCrankStood } from '../cards/valves/rules';
import { refusedTurning } from '../mayTurn';
import { CRANK_STANDS, CRANK_UNKNOWN, type CrankActs } from '../facts/crank';
import type { Slice } from '../kit/slice';
import { ANY_HAND, MECHANICS } from '../roles';
import { refused } from '../verdict';

/** Where the crank stands. */
export const crankSlice: Slice<'crank', keyof CrankActs> = {
  name: 'crank',
  empty: CRANK_UNKNOWN,
  acts: {
    'crank.stood': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => null,
      decide: (state, act, context) => {
        const held = refusedTurning(context.sheet, state);
        if (held) return held;
        if (!state.cautions.barring) return refused('caution-first');
        return decideCrankStood(state, act, context);
      },
    },
    'crank.doubted': { nature: 'fact', roles: ANY_HAND, card: () => null },
    'crank.overshot': { nature: 'fact', roles: MECHANICS, card: () => null },
  },
  evolve: {
    'crank.stood': (_, { data, at, seq }) => ({
      ...CRANK_UNKNOWN,
      atDeg: data.atDeg,
      since: at,
      movedSeq: seq,
    }),
    'crank.doubted': (_, { data, at, seq }) => ({
      ...CRANK_UNKNOWN,
      since: at,
      doubt: data.words,
      movedSeq: seq,
    }),
    'crank.overshot': (crank, { at }) => ({ ...crank, since: at, overshot: true }),
    // The engine has been run: where the crank stopped is anyone's guess.
    'recheck.begun': ({ movedSeq }, { at }) => ({ ...CRANK_UNKNOWN, since: at, movedSeq }),
    // A crank swings as it is turned over.
    'engine.turned-over': (_, { at, seq }) => ({ ...CRANK_UNKNOWN, since: at, movedSeq: seq }),
    'cap.turned': (crank, { seq }) => ({ ...crank, movedSeq: seq }),
    'check.seen': (crank, { data, seq }) =>
      data.step === CRANK_STANDS ? { ...crank, movedSeq: seq } : crank,
  },
};
