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
}

/** A torque printed as one figure, or as a range of which the middle is aimed at. */
export type TorqueValue =
  | { readonly nm: number; readonly group?: string }
  | { readonly lowNm: number; readonly highNm: number; readonly group?: string };

export interface TorqueStage {
  readonly id: string;
  readonly kind: 'torque';
  /** Fastener ids in the order they are pulled. */
  readonly order: readonly string[];
  /** Fasteners this stage leaves alone on purpose. */
  readonly leaveOut?: readonly string[];
  readonly values: readonly TorqueValue[];
}

/** Everything eased off; the values may begin low again after it. */
export interface SlackenStage {
  readonly id: string;
  readonly kind: 'slacken';
  readonly order: readonly string[];
}

export type Stage = TorqueStage | SlackenStage;

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
