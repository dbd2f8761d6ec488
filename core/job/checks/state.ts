import type { CheckReading, CheckWeight, CheckSeen, Decided, ChecksState } from '../facts/checks';
import type { LoggedActOf } from '../act';

/** The newest reading of a place. */
export function readingOf(
  state: ChecksState,
  check: string,
  item: string,
  place = '',
): CheckReading | undefined {
  return state.readings[keyOf(check, item, place)];
}

/** What a piece weighs. */
export function weightOf(state: ChecksState, check: string, item: string): CheckWeight | undefined {
  return state.weights[keyOf(check, item)];
}

/** What was last seen of an item, at one of its steps. */
export function seenOf(
  state: ChecksState,
  check: string,
  item: string,
  step = '',
): CheckSeen | undefined {
  return state.seen[keyOf(check, item, step)];
}

/** Stands for the item where something is decided about a check as a whole. */
export const WHOLE = '';

/** What was decided about an item. */
export function decidedOf(state: ChecksState, check: string, item: string): Decided | undefined {
  return state.decided[keyOf(check, item, '')];
}

function keyOf(...parts: readonly string[]): string {
  return parts.join('|');
}

export function checkRead(
  state: ChecksState,
  { id: actId, data, at, by }: LoggedActOf<'check.read'>,
): ChecksState {
  const { check, item, place = '', mm, printed, gauge } = data;
  const reading = { mm, printed, ...(gauge && { gauge }), actId, at, by };
  const readings = { ...state.readings, [keyOf(check, item, place)]: reading };
  return { ...state, readings, decided: without(state, check, item) };
}

export function pieceWeighed(
  state: ChecksState,
  { id: actId, data: { check, item, grams, text }, at, by }: LoggedActOf<'piece.weighed'>,
): ChecksState {
  const weights = { ...state.weights, [keyOf(check, item)]: { grams, text, actId, at, by } };
  return { ...state, weights, decided: without(state, check, item) };
}

export function checkSeen(
  state: ChecksState,
  { id: actId, data, at, by, seq }: LoggedActOf<'check.seen'>,
): ChecksState {
  const { check, item, step = '', found, words } = data;
  const seen = { found, ...(words && { words }), seq, actId, at, by };
  return {
    ...state,
    seen: { ...state.seen, [keyOf(check, item, step)]: seen },
    decided: without(state, check, item),
  };
}

export function checkDecided(
  state: ChecksState,
  { data: { check, item, decision, words }, at, by }: LoggedActOf<'check.decided'>,
): ChecksState {
  const decided = { decision, words, at, by };
  return { ...state, decided: { ...state.decided, [keyOf(check, item, '')]: decided } };
}

/** What is measured or looked at again is decided again, by itself or with the whole it belongs to. */
function without({ decided }: ChecksState, check: string, item: string): ChecksState['decided'] {
  const keys = [keyOf(check, item, ''), keyOf(check, WHOLE, '')];
  if (!keys.some((key) => key in decided)) return decided;
  return Object.fromEntries(Object.entries(decided).filter(([key]) => !keys.includes(key)));
}
