import type { RunName } from '../facts/run';
import type { CardPlace } from '../kit/cardPlace';
import { cardOfRun } from './runKey';

/** Where a run is worked on; everything that is slackened has one card. */
export function runCard(run: RunName): CardPlace {
  const card = cardOfRun(run);
  return card === 'strip' ? { card } : { card, set: run.set };
}
