import type { PhotographsState } from './facts/photographs';
import type { LoggedAct } from './act';

/** Most photographs of one job: a shop's database is not an album. */
export const MOST_PHOTOGRAPHS = 500;

export function evolvePhotographs(state: PhotographsState, act: LoggedAct): PhotographsState {
  if (act.type !== 'photograph.taken') return state;
  const { photograph: id, ...said } = act.data;
  return [...state, { id, ...said, actId: act.id, at: act.at, by: act.by }];
}
