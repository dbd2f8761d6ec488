import type { RunName } from '../facts/run';
import type { CardPlace } from '../kit/cardPlace';
import { capOfRun } from '../cards/bearings/caps';
import type { JobSheet } from '../scope';
import { cardOfRun } from './runKey';

/** Where a run is worked on; everything that is slackened has one card, and each cap that comes off by itself its bearing's. */
export function runCard(run: RunName, sheet: JobSheet): CardPlace {
  if (capOfRun(sheet, run)) return { card: 'bearings' };
  const card = cardOfRun(run);
  return card === 'strip' ? { card } : { card, set: run.set };
}
