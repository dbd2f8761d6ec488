import type { Rise } from '../../block/linerCheck';
import type { LengthFigure, Limits, Sourced, Statement, VolumeFigure } from '../../quantity/figure';
import type { PrintedLengthUnit } from '../../quantity/units';

/** Liners that set a height against the deck. */
export type HeightSchool = 'proud' | 'on-shims' | 'flush' | 'recessed';

export type LinerSpec = NoHeight | LinerHeights;

/** Bores without liners, or dry liners pressed in: nothing stands out to be measured. */
export interface NoHeight extends Sourced {
  readonly school: 'none' | 'dry';
}

export interface LinerHeights {
  readonly school: HeightSchool;
  /** Above the deck; a recess is negative. */
  readonly low?: LengthFigure;
  readonly high?: LengthFigure;
  /** Most that neighbours may differ. */
  readonly adjacent?: LengthFigure;
  /** Most that the readings of one liner may differ. */
  readonly tilt?: LengthFigure;
  /** Most that the liners under one head may differ. */
  readonly groupSpread?: LengthFigure;
  readonly rise: Rise;
  /** Whether these limits are for liners held down, or standing free. */
  readonly readWhile?: 'held-down' | 'free';
  /** Places read on each liner, named as they lie; two to four. */
  readonly places: readonly string[];
  /** Cylinders under one head, where there are several. */
  readonly headGroups?: readonly (readonly number[])[];
  /** What sets the height under the flange. */
  readonly shims?: {
    readonly sizes: readonly LengthFigure[];
    readonly required: boolean;
    readonly most: number;
  };
  readonly seals?: LinerSeals;
  /** How liners are held down before the crank moves. */
  readonly clamp?: Statement;
}

/** The heights of liners that have any; null where nothing stands out to be measured. */
export function heightsOf(liners: LinerSpec | undefined): LinerHeights | null {
  return liners && 'rise' in liners ? liners : null;
}

export interface LinerSeals extends Statement {
  readonly each: number;
}

export interface BoreSpec {
  readonly wear?: LengthFigure;
  readonly taper?: LengthFigure;
  readonly ovality?: LengthFigure;
  /** Counted from nominal. */
  readonly oversizes?: readonly LengthFigure[];
  readonly honing?: Statement;
}

export interface JournalSpec {
  readonly id: string;
  /** "Main", "big end", "camshaft". */
  readonly name: string;
  readonly count: number;
  /** The bearing that carries the thrust of the shaft, counted from the end cylinder 1 is at. */
  readonly thrust?: number;
  readonly standard: Limits<PrintedLengthUnit>;
  /** Regrinds counted from standard. */
  readonly undersizes?: readonly LengthFigure[];
  readonly minimum?: LengthFigure;
  readonly ovality?: LengthFigure;
  readonly clearance?: Limits<PrintedLengthUnit>;
  readonly endFloat?: Limits<PrintedLengthUnit>;
}

/** What the maker allows to be done to a head. */
export interface HeadSpec {
  readonly camInHead: boolean;
  /** Volume of one chamber, valves shut. */
  readonly chamber?: VolumeFigure;
  readonly flatness?: LengthFigure;
  readonly standardThickness?: LengthFigure;
  /** Least thickness it may be cut to. */
  readonly repairThickness?: LengthFigure;
  /** Taken off in one cut beyond the warp, to clean the face up. */
  readonly cutAllowance?: LengthFigure;
  /** Absent when the maker is silent. */
  readonly cut?: Statement & { readonly allowed: boolean };
}

export interface GasketGrade {
  readonly mark: string;
  /** Exclusive. */
  readonly over?: LengthFigure;
  /** Inclusive. */
  readonly upTo: LengthFigure;
  /** As compressed. */
  readonly thickness: LengthFigure;
}

export interface GasketSpec {
  readonly grades?: readonly GasketGrade[];
  readonly rule?: 'highest' | 'mean' | 'mean-then-highest';
  readonly stepUpOver?: LengthFigure;
  readonly minClearance?: LengthFigure;
  /** Diameter of its hole over a cylinder. */
  readonly hole?: LengthFigure;
  /** Which side and end, as it lies. */
  readonly lies?: Statement;
  /** Dry, or what goes on it; never both. */
  readonly dressing?: Statement;
}

/** A ring between a separate cylinder's head and its liner. */
export interface SealingRingSpec {
  readonly new?: LengthFigure;
  readonly least: LengthFigure;
  readonly spread?: LengthFigure;
}
