import type {
  LengthFigure,
  Limits,
  MassFigure,
  Sourced,
  Statement,
  TemperatureFigure,
  VolumeFigure,
} from '../../quantity/figure';
import type { PrintedLengthUnit } from '../../quantity/units';
import type { EngineEnd } from './layout';

export interface RingSpec {
  readonly id: string;
  readonly name: string;
  readonly kind: 'compression' | 'oil' | 'expander';
  readonly gap?: Limits<PrintedLengthUnit>;
  readonly sideClearance?: Limits<PrintedLengthUnit>;
  /** Supplied gapped when false. */
  readonly fileable: boolean;
  /** How its upper face is known. */
  readonly upperFace?: string;
}

export interface StaggerSpec extends Statement {
  readonly rule: 'even' | 'opposed';
  readonly keepClearDeg: number;
}

/** How the pin goes in. */
export type PinFit = 'free' | 'pressed-rod-heated' | 'piston-warmed';
/** What a pin that is larger than its hole is put in by. */
export interface PinHeatSpec {
  /** How much larger it is, both cold. */
  readonly interference: LengthFigure;
  /** Room for it to slip in. */
  readonly clearance: LengthFigure;
  readonly diameter: LengthFigure;
  /** What the part may be warmed to. */
  readonly most?: TemperatureFigure;
}

/** How piston and cylinder come together. */
export type PistonRoute =
  | 'into-block'
  | 'into-liner-on-bench'
  /** The piston hangs on its rod, its rings are clamped, and its cylinder is slid over it. */
  | 'cylinder-over-piston'
  /** The piston stands part-way out of its cylinder, rings in, until its pin is through the rod; then both go home. */
  | 'part-way-out';

/** The side a piston is pressed to on its power stroke, or the other. */
export type PistonSide = 'thrust' | 'anti-thrust';

/** Which way a piston and its rod lie. */
export interface OrientationSpec extends Sourced {
  /** What is marked on the crown, and the end of the engine it points to. */
  readonly crown?: { readonly mark: string; readonly towards: EngineEnd };
  /** What is marked on the rod, and the side it faces. */
  readonly rod?: { readonly mark: string; readonly towards: PistonSide };
  /** The pin sits off the middle, towards this side. */
  readonly pinOffset?: PistonSide;
}

export interface PistonSpec {
  /** From the crown. */
  readonly rings?: readonly RingSpec[];
  readonly stagger?: StaggerSpec;
  readonly massSpread?: MassFigure;
  /** Cylinders whose pistons are matched against each other. */
  readonly massPairs?: readonly (readonly [number, number])[];
  readonly pin?: Statement & { readonly fit: PinFit; readonly heat?: PinHeatSpec };
  readonly route?: PistonRoute;
  /** Other ways its maker lets it be done, one of which a job may choose. */
  readonly alsoRoutes?: readonly PistonRoute[];
  /** Stand-out of the crown over the deck, read over the pin. */
  readonly standOut?: Limits<PrintedLengthUnit>;
  /** Compressed height above the crown that is not in the bowl. */
  readonly skirtClearance?: Limits<PrintedLengthUnit>;
  readonly rodSideFloat?: Limits<PrintedLengthUnit>;
  readonly oilJets?: Statement;
  readonly rodLength?: LengthFigure;
  readonly orientation?: OrientationSpec;
  /** Volume of the bowl in the crown, or of what stands above it. */
  readonly bowl?: VolumeFigure;
  readonly dome?: VolumeFigure;
}
