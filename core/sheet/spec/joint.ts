import type { LengthFigure, Sourced, TimeFigure } from '../../quantity/figure';
import type { Reference } from './reference';

export const JOINT_KINDS = [
  'gasket',
  'ring',
  'o-ring',
  'sealant',
  'washer',
  'paste',
  'dry',
] as const;
export type JointKind = (typeof JOINT_KINDS)[number];

/** What lies between a piece and what it sits on. Sourced as its piece is, unless it says otherwise. */
export interface JointSpec extends Partial<Sourced> {
  readonly kind: JointKind;
  /** The piece it sits on; the block itself when absent. */
  readonly on?: Reference;
  /** What it is called, where that is more than its kind. */
  readonly what?: string;
  /** So many for each instance of the piece; one when absent. */
  readonly count?: number;
  readonly use?: 'new' | 'again' | 'if-whole';
  /** Its line of the kit list, by `part`. */
  readonly part?: string;
  /** Which of the two faces the old one clings to, in words: it is looked for there. */
  readonly oldStaysOn?: string;
  /** null: nothing on it, on purpose. */
  readonly lubricant?: string | null;
  /** Which way it lies. */
  readonly lies?: string;
  /** Glued to one face, and dry there, before the piece goes on. */
  readonly glued?: { readonly to: string; readonly dry?: TimeFigure };
  readonly sealant?: SealantSpec;
}

export const CURE_BARS = ['pull', 'fill', 'turn', 'run'] as const;
export type CureBars = (typeof CURE_BARS)[number];

/** A bead, and its clocks, all counted from its beginning. */
export interface SealantSpec {
  readonly what: string;
  readonly where: string;
  readonly bead?: LengthFigure;
  /** Drawn on the map of the set that clamps the piece. */
  readonly path?: readonly { readonly xMm: number; readonly yMm: number }[];
  /** Oil ways, grooves, cork ends. */
  readonly never?: string;
  /** Which side of the bolt holes, or of the bead, stays dry. */
  readonly dry?: string;
  /** How it is when the joint is closed. */
  readonly close: 'wet' | 'tacky' | 'set';
  readonly closeFrom?: TimeFigure;
  /** Past it: wiped off and laid anew. */
  readonly closeTo?: TimeFigure;
  /** Drawn up by hand so far, and left. */
  readonly nip?: string;
  readonly pullAfter?: TimeFigure;
  readonly cure?: { readonly time: TimeFigure; readonly bars: readonly CureBars[] };
}
