import type {
  LengthFigure,
  Printed,
  Sourced,
  Statement,
  TimeFigure,
  VolumeFigure,
} from '../../quantity/figure';

/** What goes between two parts as they meet; null: nothing, on purpose. */
export interface LubricantSpec extends Sourced {
  readonly contact: string;
  readonly lubricant: string | null;
}

export interface CoverSpec extends Sourced {
  readonly id: string;
  readonly name: string;
  /** Plugs, seals, pipes, jets that vanish under it. */
  readonly hides: readonly string[];
  readonly sealant?: SealantSpec;
  readonly gasket?: string;
}

export interface SealantSpec {
  readonly what: string;
  readonly where: string;
  readonly bead?: LengthFigure;
  readonly never?: string;
  /** Until it skins: the cover goes on before. */
  readonly skin?: TimeFigure;
  readonly cure?: TimeFigure;
}

/** Which way something lies. */
export interface FacingSpec extends Sourced {
  readonly part: string;
  readonly faces: string;
}

export interface PlugSpec extends Sourced {
  readonly where: string;
  readonly renew: boolean;
  /** The cover or part that hides it. */
  readonly under?: string;
}

/** What waits for a part besides a fastened set. */
export const HELD_BESIDE_SETS = ['liners', 'valves'] as const;

/** What a kit holds: renewed always, if worn, chosen by measurement, or kept together. */
export interface RenewSpec extends Sourced {
  readonly part: string;
  readonly when: 'always' | 'if-worn' | 'by-measurement' | 'matched-set';
  readonly count?: number;
  /** The fastened set, the liners or the valves that wait for it. */
  readonly fits?: string;
}

/** Something put in that must come out again. */
export interface TemporarySpec extends Sourced {
  readonly what: string;
  /** What must not happen while it is in. */
  readonly bars: 'turning' | 'starting' | 'covering';
  /** It holds the liners down while no head does. */
  readonly holdsLiners?: boolean;
}

/** Where the crank stands before a head or cylinder goes on. */
export interface CoveringSpec extends Statement {
  readonly crank: 'cylinder-at-firing-top' | 'pistons-off-top' | 'its-rod-at-top' | 'anywhere';
}

export interface FillSpec {
  readonly what: string;
  readonly amount?: Printed<VolumeFigure['unit']>;
  readonly grade: string;
}
