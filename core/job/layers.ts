import type { Decision, LayersState } from './facts/layers';

/** Stands for the sheet where a decision names who is followed. */
export const THE_SHEET = 'sheet';

/** The layers as they are once someone has decided at some places. */
export function withDecision(
  state: LayersState,
  places: readonly string[],
  decision: Decision,
): LayersState {
  const decided = Object.fromEntries(places.map((place) => [place, decision]));
  return { ...state, decided: { ...state.decided, ...decided } };
}
