import { headOf } from '../../sheet/assembly/references';
import { isOn } from '../cards/fit/isOn';
import { servedBy } from '../cards/fit/served';
import { clampersOf } from '../cards/strip/loosening';
import { stripNext } from '../cards/strip/view';
import type { CardPlace } from '../kit/cardPlace';
import type { JobSheet } from '../scope';
import type { TrayCard } from '../standing';
import type { JobState } from '../state';
import { entryOf } from '../kit/entryOf';
import type { PieceNow } from './pieceStandings';

/** How the pieces of a job's engine stand, by instance, and the card on which each is worked on. */
interface EngineNow {
  readonly standing: (instance: string) => PieceNow;
  /** Null for what stays on. */
  readonly cardOf: (instance: string) => TrayCard | null;
}

/**
 * The engine of a job between coming apart and going together: what is off, what comes off or goes on next.
 * @param tray of the same job, as it stands
 * @param now ISO time
 */
export function engineNow(
  sheet: JobSheet,
  state: JobState,
  tray: readonly TrayCard[],
  now: string,
): EngineNow {
  const strip = entryOf(tray, { card: 'strip' });
  const comesOffNext = stripNext(sheet, state, now);
  const step = comesOffNext?.step;
  const inHand = new Set(step && 'instances' in step ? step.instances : []);
  const isStripped = strip?.status === 'done';
  const goesOnBy = (instance: string): TrayCard | null =>
    entryOf(tray, placeOf(sheet, instance)) ?? null;
  const comesOff = (instance: string): boolean => sheet.comesOff.because.has(instance);
  const isStillOn = (instance: string): boolean => !isStripped && !state.pieces.off[instance];
  return {
    cardOf: (instance) => {
      if (!comesOff(instance)) return null;
      return isStillOn(instance) ? (strip ?? null) : goesOnBy(instance);
    },
    standing: (instance) => {
      if (!comesOff(instance)) return 'on';
      if (isStillOn(instance)) return inHand.has(instance) ? 'next' : 'waits';
      const card = goesOnBy(instance);
      const isWhole = card?.card !== 'fit' && card?.card !== 'tighten';
      const isBack = isWhole ? card?.status === 'done' : isOn(sheet, state, instance);
      if (isBack) return 'on';
      return card?.status === 'open' ? 'next' : 'off';
    },
  };
}

/** The card on which a piece goes on. */
function placeOf(sheet: JobSheet, instance: string): CardPlace {
  const card = servedBy(sheet, instance);
  if (card === null) return { card: 'fit', set: headOf(instance) };
  const [clamper] = card === 'tighten' ? clampersOf(sheet, instance) : [];
  return { card, ...(clamper && { set: clamper.set.id }) };
}
