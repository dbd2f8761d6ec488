/** One fastener of a set: its id, the number printed beside it, and where it stands. */
export interface Fastener {
  readonly id: string;
  /** As printed in the manual; not its place in an order. */
  readonly number: string;
  /** From the set's own corner; x away from the cylinder-1 end, y down the page. */
  readonly xMm: number;
  readonly yMm: number;
  /** Fasteners that share values: a length, a row. */
  readonly group?: string;
  /** Tightened past yield by its programme and used once. */
  readonly oneUseStretch?: boolean;
  /** The most it may be turned past its seat in one programme. */
  readonly angleLimitDeg?: number;
}

/** A torque printed as one figure, or as a range of which the middle is aimed at. */
export type TorqueValue =
  | { readonly nm: number; readonly group?: string }
  | { readonly lowNm: number; readonly highNm: number; readonly group?: string };

/** An angle printed as one figure, or as a range of which the middle is aimed at. */
export type AngleValue =
  | { readonly deg: number; readonly group?: string }
  | { readonly lowDeg: number; readonly highDeg: number; readonly group?: string };

interface Ordered {
  readonly id: string;
  /** Fastener ids in the order they are pulled. */
  readonly order: readonly string[];
  /** Fasteners this stage leaves alone on purpose. */
  readonly leaveOut?: readonly string[];
  /** Two people pull each fastener at once, one at either end. */
  readonly together?: true;
  /**
   * Those of the order that the one on the far side pulls, in that order, while the one on the near
   * side pulls the rest.
   */
  readonly farSide?: readonly string[];
}

/** `check`: pulled at a value at which none may move, so it may lie below the last. */
export interface TorqueStage extends Ordered {
  readonly kind: 'torque' | 'check';
  readonly values: readonly TorqueValue[];
}

export interface AngleStage extends Ordered {
  readonly kind: 'angle';
  readonly values: readonly AngleValue[];
}

/** Eased off, right off or by an angle; the values may begin low again after it. */
export interface SlackenStage extends Ordered {
  readonly kind: 'slacken';
  readonly byDeg?: number;
}

/** All jacks on one line, each nut run down at the pressure; `hydraulic-check`: no nut may move. */
export interface HydraulicStage extends Ordered {
  readonly kind: 'hydraulic' | 'hydraulic-check';
  /** Absent where none is printed. */
  readonly bar?: number;
}

/**
 * Done once for the whole set: waiting, turning the crank by hand to feel that it is free, or a round of drawing down a
 * part that springs hold up, each fastener by the same turn.
 */
export interface PauseStage {
  readonly id: string;
  readonly kind: 'wait' | 'turn-crank' | 'draw-down';
  readonly minutes?: number;
  /** Of a round. */
  readonly deg?: number;
}

export type PullStage = TorqueStage | AngleStage | SlackenStage | HydraulicStage;
export type Stage = PullStage | PauseStage;

/** Stages done once for the whole set have no order of fasteners. */
export function isPause(stage: { readonly kind: Stage['kind'] }): stage is PauseStage {
  return stage.kind === 'wait' || stage.kind === 'turn-crank' || stage.kind === 'draw-down';
}

/** A run from slack to a value; a programme that slackens begins another. */
export interface Cycle {
  readonly id: string;
  readonly stages: readonly Stage[];
}

export interface Programme {
  readonly id: string;
  readonly cycles: readonly Cycle[];
}

/** What some source demands be done with the fasteners once the programme has ended. */
export interface Demand {
  readonly about: 'settle-and-check' | 'after-heat' | 'reuse';
  readonly says: 'do' | 'never';
  readonly source: string;
}

export interface WrenchRange {
  readonly id: string;
  readonly lowNm: number;
  readonly highNm: number;
}
