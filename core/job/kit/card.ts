import type { EngineSheet } from '../../sheet/engineSheet';
import type { Layered } from '../differences';
import type { Lack } from '../lacks';
import type { JobSheet } from '../scope';
import type { FastenedSetName, Standing } from '../standing';
import type { JobState } from '../state';
import type { Wait } from '../trayReason';
import type { CardName } from '../facts/cardName';

/** A job as its cards look at it. */
export interface JobNow {
  /** The figures it works by: the pinned revision under its variant, layers and scope. */
  readonly sheet: JobSheet;
  /** What leaflets and deviations come to. */
  readonly layered: Layered;
  readonly state: JobState;
  /** ISO time; a run left too long asks to be swept. */
  readonly now: string;
}

/** A card in a job's tray; one for each fastened set where it has several. */
export interface Entry {
  readonly card: CardName;
  /** The fastened set it tightens, or the piece it puts on; null when the sheet has no set yet. */
  readonly set?: FastenedSetName | null;
}

/** The other cards of a job, each asked where it stands only when that is wanted. */
export interface Others {
  readonly entries: readonly Entry[];
  readonly stands: (entry: Entry) => Standing;
}

/** One card: on which jobs it is, what it needs, and where it stands. What comes before it: `plan/`. */
export interface Card<N extends CardName = CardName> {
  readonly name: N;
  readonly canBeLeftOut?: true;
  /** The figures of a sheet it works by: where sources differ about them it waits. */
  readonly places: readonly (keyof EngineSheet)[];
  /** None, one, or one for each set. */
  readonly entries: (job: JobNow) => readonly Entry[];
  /** What the sheet does not say and it cannot do without. */
  readonly lacks?: (job: JobNow, entry: Entry) => readonly Lack[];
  /** Why it waits, by the state of the engine or its parts; nothing bars a card that is done. */
  readonly waitsFor?: (job: JobNow, entry: Entry) => readonly Wait[];
  /** Where it stands by its own work. */
  readonly stands: (job: JobNow, entry: Entry, others: Others) => Standing;
}

/** The one entry of a card that has no sets; none where the job has no such card. */
export function oneEntry<N extends CardName>(name: N, isOn = true): readonly Entry[] {
  return isOn ? [{ card: name }] : [];
}
