import type { CheckReading, CheckWeight, CheckSeen, Decided, ChecksState } from '../facts/checks';
import type { LoggedAct } from '../act';

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

/** The same object where an act says nothing of checks. */
export function evolveChecks(state: ChecksState, act: LoggedAct): ChecksState {
  const told = { actId: act.id, at: act.at, by: act.by };
  switch (act.type) {
    case 'check.read': {
      const { check, item, place = '', mm, printed, gauge } = act.data;
      const reading = { mm, printed, ...(gauge && { gauge }), ...told };
      const readings = { ...state.readings, [keyOf(check, item, place)]: reading };
      return { ...state, readings, decided: without(state, check, item) };
    }
    case 'piece.weighed': {
      const { check, item, grams, text } = act.data;
      const weights = { ...state.weights, [keyOf(check, item)]: { grams, text, ...told } };
      return { ...state, weights, decided: without(state, check, item) };
    }
    case 'check.seen': {
      const { check, item, step = '', found, words } = act.data;
      const seen = { found, ...(words && { words }), seq: act.seq, ...told };
      return {
        ...state,
        seen: { ...state.seen, [keyOf(check, item, step)]: seen },
        decided: without(state, check, item),
      };
    }
    case 'check.decided': {
      const { check, item, decision, words } = act.data;
      const decided = { decision, words, at: act.at, by: act.by };
      return { ...state, decided: { ...state.decided, [keyOf(check, item, '')]: decided } };
    }
    default:
      return state;
  }
}

/** What is measured or looked at again is decided again, by itself or with the whole it belongs to. */
function without({ decided }: ChecksState, check: string, item: string): ChecksState['decided'] {
  const keys = [keyOf(check, item, ''), keyOf(check, WHOLE, '')];
  if (!keys.some((key) => key in decided)) return decided;
  return Object.fromEntries(Object.entries(decided).filter(([key]) => !keys.includes(key)));
}
