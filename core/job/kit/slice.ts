import type { Act, ActData, ActOf, ActType, LoggedAct, LoggedActOf } from '../act';
import type { RuleContext } from '../decideContext';
import type { Role } from '../roles';
import type { JobSheet } from '../scope';
import type { JobSlices, JobState } from '../state';
import type { Verdict } from '../verdict';
import type { CardPlace } from './cardPlace';

/** What is true of an act of any nature. */
interface RuleOfAny<T extends ActType> {
  /** Who may do it. */
  readonly roles: readonly Role[];
  /** On which card it is done, which may bar it; null for what belongs to none, or mends any. */
  readonly card: (data: ActData[T], sheet: JobSheet) => CardPlace | null;
  /** What it is about, so that a later act about the same thing is found. */
  readonly subject?: (data: ActData[T]) => string;
  /** May it join the log as it stands? It may where there is nothing to ask. */
  readonly decide?: (state: JobState, act: ActOf<T>, context: RuleContext) => Verdict;
  /** Done on a job that is parked, too. */
  readonly whenParked?: true;
  /** It cannot be taken back. */
  readonly strikable?: false;
}

/** It was done or seen, whatever anybody knew: it is kept. */
export interface FactRule<T extends ActType> extends RuleOfAny<T> {
  readonly nature: 'fact';
}

/** It happens once. */
export interface OpeningRule<T extends ActType> extends RuleOfAny<T> {
  readonly nature: 'opening';
}

/** What the card that a decision holds up may follow from. */
interface HeldUp {
  readonly sheet: JobSheet;
  /** The act it takes back. */
  readonly target: LoggedAct | undefined;
  readonly cardOf: (act: Act) => CardPlace | null;
}

/** It rests on what was known: made unaware it has no effect until someone who sees all confirms it. */
export interface DecisionRule<T extends ActType> extends RuleOfAny<T> {
  readonly nature: 'decision';
  /**
   * Would whoever decides want to have seen this fact first? Null where it rests on no single fact.
   * @param on the card the fact was done on, worked out when it is asked for
   */
  readonly restsOn: ((data: ActData[T], fact: Act, on: () => CardPlace | null) => boolean) | null;
  /**
   * The card that waits while it waits, where that is not its own.
   */
  readonly holdsUp?: (data: ActData[T], around: HeldUp) => CardPlace | null;
}

export type ActRule<T extends ActType> = FactRule<T> | OpeningRule<T> | DecisionRule<T>;

/** One slice of what follows from a job's log, with the acts that are its own. */
export interface Slice<Name extends keyof JobSlices, Own extends ActType> {
  readonly name: Name;
  readonly empty: JobSlices[Name];
  readonly acts: { readonly [T in Own]: ActRule<T> };
  /** By act, its own or another's. Each returns the same object when nothing changed. */
  readonly evolve: {
    readonly [T in ActType]?: (slice: JobSlices[Name], act: LoggedActOf<T>) => JobSlices[Name];
  };
}

/** Acts that change nothing by themselves: what they do to other acts is the fold's. */
export interface ActsOnActs<Own extends ActType> {
  readonly acts: { readonly [T in Own]: ActRule<T> };
}
