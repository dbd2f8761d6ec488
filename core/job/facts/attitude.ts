import type { StandsHow } from '../../sheet/spec/assembly';

/** What is seen to, each by itself, before an engine is turned over in its stand. */
export const TURN_OVER_LOOKS = [
  'fluids-out',
  'loose-held',
  'stand-locked',
  'nobody-below',
] as const;
export type TurnOverLook = (typeof TURN_OVER_LOOKS)[number];

export interface AttitudeState {
  readonly stands: StandsHow;
  /** When it was last turned over, and by whom; null while it stands as it came. */
  readonly turned: { readonly at: string; readonly by: string } | null;
}

export interface AttitudeActs {
  /** Turned over in its stand, or back. */
  'engine.turned-over': { readonly to: StandsHow; readonly seen: readonly TurnOverLook[] };
}
