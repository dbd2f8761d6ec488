import type { ShimSize } from './stacks';
import type { Rise } from '../linerCheck';

/** A bore as it is machined. */
export interface Counterbore {
  readonly id: string;
  readonly bank?: string;
  /** Bores under one head. */
  readonly headGroup?: string;
  /** From the deck down to the ledge the flange stands on. */
  readonly counterboreMm: number;
}

export interface Flange {
  /** The bore it came from, where it has one. */
  readonly id: string;
  /** From the underside of the flange to its top. */
  readonly flangeMm: number;
  /** Fits this bore and no other. */
  readonly onlyBore?: string;
}

export interface ArrangeLimits {
  readonly lowMm: number;
  readonly highMm: number;
  /** Most that neighbours may differ. */
  readonly adjacentMm?: number;
  /** Most that the liners under one head may differ. */
  readonly groupSpreadMm?: number;
}

export interface LinerArrangeInput {
  /** In block order, from the cylinder-1 end. */
  readonly bores: readonly Counterbore[];
  /** As many as bores, or more. */
  readonly liners: readonly Flange[];
  readonly shims: readonly ShimSize[];
  /** At least one shim under every liner. */
  readonly shimRequired: boolean;
  /** Most shims under one liner. */
  readonly maxShims: number;
  readonly limits: ArrangeLimits;
  readonly rise: Rise;
  /** What to come near; default the middle of the limits. */
  readonly targetMm?: number;
}

export interface PlacedLiner {
  readonly bore: string;
  readonly liner: string;
  /** Under the flange, thickest first. */
  readonly shimsMm: readonly number[];
  readonly standOutMm: number;
}
