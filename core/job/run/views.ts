import type { TightenAct } from '../../tightening/tightenPlan';
import type { Attempt, RunState } from '../facts/runs';
import type { Side, RunName } from '../facts/run';
import type { SheetStage, FastenedSet } from '../../sheet/spec/fastening';

/** A cap just pulled, after which the crank is turned by hand. */
export interface CapTurn {
  readonly stage: string;
  /** The fasteners of the cap. */
  readonly fasteners: readonly string[];
}

/** `half`: one end of what two pull together is pulled, the other is waited for. */
export type BoltStatus = 'open' | 'half' | 'done' | 'failed' | 'contested' | 'sweep';

export interface BoltView {
  readonly act: TightenAct;
  readonly status: BoltStatus;
  readonly attempts: readonly Attempt[];
  readonly nextPass: number;
  /** Ends pulled on this pass, where two pull together. */
  readonly sides: readonly Side[];
}

export interface StageView {
  readonly key: string;
  readonly stage: SheetStage;
  readonly bolts: readonly BoltView[];
  readonly closed: boolean;
  readonly lastAt: string | null;
}

export interface RunView {
  readonly name: RunName;
  readonly set: FastenedSet;
  readonly run: RunState;
  readonly stages: readonly StageView[];
  /** The first stage not closed; null when the run is done. */
  readonly current: StageView | null;
  /** The pull to make next: sweep first, then the order, then those that failed. */
  readonly next: BoltView | null;
  readonly sweeping: boolean;
  /** The crank is turned by hand before anything else is pulled. */
  readonly turn: CapTurn | null;
  /** Until when is waited; null when nothing is, or no time is printed. */
  readonly waitUntil: string | null;
  /** The last bolt worked on, in any stage. */
  readonly last: {
    readonly bolt: BoltView;
    readonly attempt: Attempt;
    readonly stage: SheetStage;
  } | null;
}
