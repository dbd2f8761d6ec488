import type { Act } from '../act';
import { headOf } from '../../sheet/assembly/references';
import { fitCheckId } from '../cards/fit/checks';
import { decideWipedOff } from '../cards/fit/rules';
import { jointOfBead } from '../cards/fit/steps';
import { DEAD } from '../cards/dead/checks';
import { checkOf } from '../checks/allChecks';
import { decideNotHere } from '../checks/notHere';
import {
  decideCheckDecided,
  decideCheckRead,
  decideCheckSeen,
  decideRowSeen,
  decidePieceWeighed,
} from '../checks/decide';
import {
  checkDecided,
  checkRead,
  checkSeen,
  notHere,
  rowSeen,
  pieceWeighed,
  WHOLE,
  withoutItem,
} from '../checks/state';
import { NO_CHECKS, type ChecksActs } from '../facts/checks';
import type { CardPlace } from '../kit/cardPlace';
import type { Slice } from '../kit/slice';
import { ANY_HAND } from '../roles';
import type { JobSheet } from '../scope';

/** Everything read, weighed, seen and decided, on whichever card. */
export const checksSlice: Slice<'checks', keyof ChecksActs> = {
  name: 'checks',
  empty: NO_CHECKS,
  acts: {
    'check.read': {
      nature: 'fact',
      roles: ANY_HAND,
      card: ({ check }, sheet) => cardOfCheck(sheet, check),
      decide: decideCheckRead,
    },
    'check.seen': {
      nature: 'fact',
      roles: ANY_HAND,
      card: ({ check }, sheet) => cardOfCheck(sheet, check),
      decide: decideCheckSeen,
    },
    'check.not-here': {
      nature: 'fact',
      roles: ANY_HAND,
      card: ({ check }, sheet) => cardOfCheck(sheet, check),
      decide: (_, act, context) => decideNotHere(act, context),
    },
    'check.row-seen': {
      nature: 'fact',
      roles: ANY_HAND,
      card: ({ check }, sheet) => cardOfCheck(sheet, check),
      decide: decideRowSeen,
    },
    'joint.wiped-off': {
      nature: 'fact',
      roles: ANY_HAND,
      card: ({ piece }) => ({ card: 'fit', set: headOf(piece) }),
      decide: decideWipedOff,
    },
    'check.decided': {
      nature: 'decision',
      roles: ANY_HAND,
      card: ({ check }, sheet) => cardOfCheck(sheet, check),
      restsOn: ({ check, item }, fact) => {
        const items = itemsIn(fact);
        return items?.check === check && (item === WHOLE || items.items.includes(item));
      },
      decide: decideCheckDecided,
    },
    'piece.weighed': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => ({ card: 'pistons' }),
      decide: (_, act, context) => decidePieceWeighed(act, context),
    },
  },
  evolve: {
    'check.read': checkRead,
    'check.seen': checkSeen,
    'check.row-seen': rowSeen,
    'check.not-here': notHere,
    'check.decided': checkDecided,
    'piece.weighed': pieceWeighed,
    'joint.wiped-off': (checks, act) => {
      const { piece: item, step } = act.data;
      const joint = jointOfBead(step);
      return withoutItem(checks, { check: fitCheckId(headOf(item)), item }, act, (other) =>
        [step, joint].includes(other),
      );
    },
    // It goes on anew, with its joints.
    'way.opened': (checks, act) =>
      act.data.pieces.reduce(
        (all, item) => withoutItem(all, { check: fitCheckId(headOf(item)), item }, act),
        checks,
      ),
  },
};

/** The items of a check that a fact is about; null for one of no check. */
function itemsIn(fact: Act): { readonly check: string; readonly items: readonly string[] } | null {
  if (fact.type === 'check.row-seen') return fact.data;
  const isOfOne =
    fact.type === 'check.not-here' ||
    fact.type === 'check.read' ||
    fact.type === 'check.seen' ||
    fact.type === 'piece.weighed';
  return isOfOne ? { check: fact.data.check, items: [fact.data.item] } : null;
}

/** Making dead and every card of checks share their acts. */
function cardOfCheck(sheet: JobSheet, id: string): CardPlace {
  if (id === DEAD) return { card: 'dead' };
  const check = checkOf(sheet, id);
  const ofSet = check?.card === 'tighten' || check?.card === 'fit';
  const set = ofSet ? check.set : undefined;
  return { card: check?.card ?? 'inspect', ...(set !== undefined && { set }) };
}
