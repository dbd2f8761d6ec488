import { ACCEPTED, refused, type Verdict } from '../../verdict';
import type { LinersState } from '../../facts/liners';
import type { ActOf } from '../../act';
import type { DecideContext } from '../../decideContext';
import { mayOverride } from '../../roles';
import { fitsLiners } from '../../scope';
import { boreIds, boresToRemark, boresToSeal, linersFinding, placesOf, unreadBores } from './view';

export function decideLinerRead(act: ActOf<'liner.read'>, { sheet }: DecideContext): Verdict {
  if (!boreIds(sheet).includes(act.data.bore))
    return refused('unknown-bore', { bore: act.data.bore });
  const places = placesOf(sheet);
  if (act.data.place >= places) {
    return refused('unknown-place', { places });
  }
  return ACCEPTED;
}

/** Every bore in hand once, each with a liner of its own. */
export function decideLinersPlaced(act: ActOf<'liners.placed'>, { sheet }: DecideContext): Verdict {
  const { placement } = act.data;
  const bores = boreIds(sheet);
  const liners = new Set(placement.map(({ liner }) => liner));
  const each =
    placement.length === bores.length &&
    bores.every((bore) => placement.some((place) => place.bore === bore));
  return fitsLiners(sheet) && each && liners.size === bores.length
    ? ACCEPTED
    : refused('not-a-placement');
}

export function decideLinerSealed(act: ActOf<'liner.sealed'>, { sheet }: DecideContext): Verdict {
  const known = fitsLiners(sheet) && boreIds(sheet).includes(act.data.bore);
  return known ? ACCEPTED : refused('unknown-bore', { bore: act.data.bore });
}

export function decideLinersAccepted(
  state: LinersState,
  act: ActOf<'liners.accepted'>,
  { sheet, member }: DecideContext,
): Verdict {
  const unread = unreadBores(sheet, state);
  if (unread.length > 0) return refused('liners-incomplete', { bores: unread });
  const unsealed = boresToSeal(sheet, state);
  if (unsealed.length > 0) return refused('seals-first', { bores: unsealed });
  const unmarked = boresToRemark(state);
  if (unmarked.length > 0) return refused('liners-to-mark', { bores: unmarked });
  if (linersFinding(sheet, state)?.overall === 'within') return ACCEPTED;
  if (!mayOverride(member.role)) return refused('liners-out');
  if (!act.data.words) return refused('words-needed');
  return member.fresh ? ACCEPTED : refused('needs-fresh-proof');
}
