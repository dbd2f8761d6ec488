import {
  UNREAD,
  type ByPlace,
  type CheckReading,
  type CheckSeen,
  type CheckState,
  type ChecksState,
  type CheckWeight,
  type Decided,
} from '../facts/checks';
import type { LoggedActOf } from '../act';

/** The newest reading of a place. */
export function readingOf(
  state: ChecksState,
  check: string,
  item: string,
  place = '',
): CheckReading | undefined {
  return state[check]?.readings[item]?.[place];
}

/** What was read last of a check, wherever on it. */
export function newestReading(state: ChecksState, check: string): CheckReading | undefined {
  return Object.values(state[check]?.readings ?? {})
    .flatMap((places) => Object.values(places))
    .reduce<CheckReading | undefined>(
      (newest, reading) => (newest && newest.at > reading.at ? newest : reading),
      undefined,
    );
}

/** What a piece weighs. */
export function weightOf(state: ChecksState, check: string, item: string): CheckWeight | undefined {
  return state[check]?.weights[item];
}

/** What was last seen of an item, at one of its steps. */
export function seenOf(
  state: ChecksState,
  check: string,
  item: string,
  step = '',
): CheckSeen | undefined {
  return state[check]?.seen[item]?.[step];
}

/** Stands for the item where something is decided about a check as a whole. */
export const WHOLE = '';

/** What was decided about an item. */
export function decidedOf(state: ChecksState, check: string, item: string): Decided | undefined {
  return state[check]?.decided[item];
}

export function checkRead(
  state: ChecksState,
  { id: actId, data, at, by }: LoggedActOf<'check.read'>,
): ChecksState {
  const { item, place = '', mm, printed, gauge, deviation, direct } = data;
  const how = {
    ...(gauge && { gauge }),
    ...(deviation && { deviation }),
    ...(direct && { direct }),
  };
  const reading = { mm, printed, ...how, actId, at, by };
  return taken(state, data, ({ readings, seen }) => ({
    readings: placed(readings, item, place, reading),
    // What is read is there after all.
    ...(seen[item]?.[place]?.found === 'not-here' && { seen: without(seen, item, place) }),
  }));
}

export function pieceWeighed(
  state: ChecksState,
  { id: actId, data, at, by }: LoggedActOf<'piece.weighed'>,
): ChecksState {
  const { item, grams, text, beside } = data;
  const weight = { grams, text, ...(beside && { beside }), actId, at, by };
  return taken(state, data, ({ weights }) => ({ weights: { ...weights, [item]: weight } }));
}

export function checkSeen(state: ChecksState, act: LoggedActOf<'check.seen'>): ChecksState {
  const { check, item, step = '', found, words, wear } = act.data;
  const sight = { found, ...(words && { words }), ...(wear && { wear }) };
  return seenAt(state, { check, item, step }, sight, act);
}

/** Said not to apply: it counts as taken. */
export function notHere(state: ChecksState, act: LoggedActOf<'check.not-here'>): ChecksState {
  const { check, item, place: step = '', words } = act.data;
  return seenAt(state, { check, item, step }, { found: 'not-here', words }, act);
}

/** As if each of the row had been said by itself. */
export function rowSeen(state: ChecksState, act: LoggedActOf<'check.row-seen'>): ChecksState {
  const { check, items, steps } = act.data;
  const slots = items.flatMap((item) => steps.map((step) => ({ check, item, step })));
  return slots.reduce((all, slot) => seenAt(all, slot, { found: 'good' }, act), state);
}

/** Where something was seen. */
interface SeenSlot {
  readonly check: string;
  readonly item: string;
  readonly step: string;
}

function seenAt(
  state: ChecksState,
  { check, item, step }: SeenSlot,
  sight: Pick<CheckSeen, 'found' | 'words' | 'wear'>,
  {
    id: actId,
    at,
    by,
    seq,
    seenSeq,
  }: LoggedActOf<'check.seen' | 'check.row-seen' | 'check.not-here'>,
): ChecksState {
  const before = seenOf(state, check, item, step);
  const differs =
    before !== undefined &&
    before.found !== sight.found &&
    before.by !== by &&
    before.seq > seenSeq;
  // Not good stays not good until somebody who knows of it looks again.
  const next: CheckSeen =
    differs && before.found === 'not-good'
      ? { ...before, against: { by, at } }
      : {
          ...sight,
          ...(differs && { against: { by: before.by, at: before.at } }),
          seq,
          actId,
          at,
          by,
        };
  return taken(state, { check, item }, ({ seen }) => ({ seen: placed(seen, item, step, next) }));
}

export function checkDecided(
  state: ChecksState,
  { data: { check, item, decision, words }, at, by }: LoggedActOf<'check.decided'>,
): ChecksState {
  const own = state[check] ?? UNREAD;
  const decided = { ...own.decided, [item]: { decision, words, at, by } };
  return { ...state, [check]: { ...own, decided } };
}

/**
 * As if nothing had been seen of an item yet, but for what whoever says so had not heard of: what others have done since
 * stands.
 * @param of the steps it is about; all unless given
 */
export function withoutItem(
  state: ChecksState,
  { check, item }: { readonly check: string; readonly item: string },
  { by, seenSeq }: Pick<LoggedActOf<'way.opened'>, 'by' | 'seenSeq'>,
  of: (step: string) => boolean = () => true,
): ChecksState {
  const own = state[check];
  if (!own) return state;
  const { [item]: steps = {}, ...others } = own.seen;
  const { [item]: _decided, ...decided } = own.decided;
  const stands = Object.entries(steps).filter(
    ([step, seen]) => !of(step) || (seen.by !== by && seen.seq > seenSeq),
  );
  const seen = { ...others, ...(stands.length > 0 && { [item]: Object.fromEntries(stands) }) };
  return { ...state, [check]: { ...own, seen, decided } };
}

/** What is measured or looked at again is decided again, by itself or with the whole it belongs to. */
function taken(
  state: ChecksState,
  { check, item }: { readonly check: string; readonly item: string },
  move: (own: CheckState) => Partial<CheckState>,
): ChecksState {
  const own = state[check] ?? UNREAD;
  const { [item]: _own, [WHOLE]: _whole, ...decided } = own.decided;
  return { ...state, [check]: { ...own, ...move(own), decided } };
}

function without<Of>(all: ByPlace<Of>, item: string, place: string): ByPlace<Of> {
  const { [place]: _, ...others } = all[item] ?? {};
  return { ...all, [item]: others };
}

function placed<Of>(all: ByPlace<Of>, item: string, place: string, entry: Of): ByPlace<Of> {
  return { ...all, [item]: { ...all[item], [place]: entry } };
}
