import {
  decidePartArrived,
  decidePartsExpected,
  decideWorkBack,
  decideWorkSent,
} from '../cards/parts/rules';
import { NO_PARTS, type PartsActs } from '../facts/parts';
import type { Slice } from '../kit/slice';
import { ANY_HAND, MECHANICS } from '../roles';

/** Parts that came, and work sent out. */
export const partsSlice: Slice<'parts', keyof PartsActs> = {
  name: 'parts',
  empty: NO_PARTS,
  acts: {
    'part.arrived': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => ({ card: 'parts' }),
      decide: decidePartArrived,
    },
    'parts.expected': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => ({ card: 'parts' }),
      decide: decidePartsExpected,
    },
    'work.sent': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => ({ card: 'parts' }),
      decide: decideWorkSent,
    },
    'work.back': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => ({ card: 'parts' }),
      decide: decideWorkBack,
    },
  },
  evolve: {
    'part.arrived': (parts, { data: { part, ...said }, at, by }) => ({
      ...parts,
      arrived: { ...parts.arrived, [part]: { ...said, at, by } },
    }),
    'parts.expected': (parts, { data: { parts: lines, ...said }, at, by }) => ({
      ...parts,
      expected: {
        ...parts.expected,
        ...Object.fromEntries(lines.map((line) => [line, { ...said, at, by }])),
      },
    }),
    'work.sent': (parts, { data: { work: id, what, to, holds = null }, at, by }) => ({
      ...parts,
      outside: [...parts.outside, { id, what, to, holds, sent: { at, by }, back: null }],
    }),
    'work.back': (parts, { data: { work, ...said }, at, by }) => ({
      ...parts,
      outside: parts.outside.map((sent) =>
        sent.id === work ? { ...sent, back: { ...said, at, by } } : sent,
      ),
    }),
  },
};
