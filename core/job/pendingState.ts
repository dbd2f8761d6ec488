import type { LoggedAct, Waits } from './act';

/** A decision made, or kept up, without knowing all: no effect until someone confirms it. */
export interface Pending extends Waits {
  readonly act: LoggedAct;
  /** The act it takes back, where that is what is decided. */
  readonly target?: LoggedAct;
  /** What became of it; null while it waits. */
  readonly decided: {
    readonly holds: boolean;
    readonly by: string;
    readonly at: string;
  } | null;
}

/** Decisions that waited or wait, by their acts' ids. */
export type PendingState = Readonly<Record<string, Pending>>;
