import type { LengthFigure, Limits, MassFigure, Statement } from '../../quantity/figure';
import type { PrintedLengthUnit } from '../../quantity/units';

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
/** How piston and cylinder come together. */
export type PistonRoute = 'into-block' | 'into-liner-on-bench' | 'cylinder-over-piston';

export interface PistonSpec {
  /** From the crown. */
  readonly rings?: readonly RingSpec[];
  readonly stagger?: StaggerSpec;
  readonly massSpread?: MassFigure;
  /** Cylinders whose pistons are matched against each other. */
  readonly massPairs?: readonly (readonly [number, number])[];
  readonly pin?: Statement & { readonly fit: PinFit };
  readonly route?: PistonRoute;
  /** Stand-out of the crown over the deck, read over the pin. */
  readonly standOut?: Limits<PrintedLengthUnit>;
  /** Compressed height above the crown that is not in the bowl. */
  readonly skirtClearance?: Limits<PrintedLengthUnit>;
  readonly rodSideFloat?: Limits<PrintedLengthUnit>;
  readonly oilJets?: Statement;
  readonly rodLength?: LengthFigure;
}
