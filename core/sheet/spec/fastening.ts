import type {
  AngleFigure,
  LengthFigure,
  Printed,
  Sourced,
  Statement,
  TimeFigure,
} from '../../quantity/figure';
import type { PressureUnit, TorqueUnit } from '../../quantity/units';
import type { Reference } from './reference';

export type SetKind =
  | 'head'
  | 'cylinder-base'
  | 'main-caps'
  | 'rod-caps'
  | 'rockers'
  | 'cam-caps'
  | 'injector-clamps'
  | 'manifold'
  | 'flywheel'
  | 'pulley'
  | 'timing-wheels'
  | 'cover';

/** Anything with fasteners and an order: one map, one programme, one or many instances. */
export interface FastenedSet {
  readonly id: string;
  readonly name: string;
  readonly kind: SetKind;
  /** Which there are: "1" for a single head, "1" to "6" for six, "port" and "starboard". */
  readonly instances: readonly string[];
  readonly map: SetMap;
  readonly groups: readonly FastenerGroup[];
  readonly fasteners: readonly SheetFastener[];
  /**
   * The pieces that each fastener clamps, or instances of them; all lie in place before the first pull, and
   * slackened at one end is slack at both.
   */
  readonly clamps?: readonly Reference[];
  readonly programme?: SheetProgramme;
  /** What the maker asks for, or forbids, once the programme has ended. */
  readonly afterwards?: readonly Afterwards[];
  readonly tensioner?: TensionerSpec;
  /** What it holds stands off its seat on springs. */
  readonly springLoad?: SpringLoadSpec;
  readonly twoPeople?: Statement;
}

/** The set seen square on, cylinder 1 at the left where it lies along the engine. */
export interface SetMap {
  readonly widthMm: number;
  readonly heightMm: number;
  /** "from above", "from below", "from the flywheel end". */
  readonly seenFrom: string;
  /** Bores, drawn for orientation. */
  readonly bores?: readonly MapBore[];
}

export interface MapBore {
  readonly cylinder: number;
  readonly xMm: number;
  readonly yMm: number;
  readonly diaMm: number;
}

export interface SheetFastener {
  readonly id: string;
  /** As printed in the manual; not its place in an order. */
  readonly number: string;
  /** From the map's own corner; x away from the cylinder-1 end, y down the page. */
  readonly xMm: number;
  readonly yMm: number;
  /** The group it belongs to; may be left out when there is only one. */
  readonly group?: string;
  /** What this one clamps, where it differs from the set. */
  readonly clamps?: readonly Reference[];
  /** The same of single instances of the set: a through bolt of cylinder 1 also holds the one opposite. */
  readonly clampsAt?: readonly {
    readonly instance: string;
    readonly clamps: readonly Reference[];
  }[];
}

export type HoleInto = 'blind' | 'through' | 'coolant' | 'oil';
export type TreatmentKind = 'oil' | 'dry' | 'coated' | 'paste' | 'sealant' | 'as-leaflet';

/** Fasteners that are alike: one thread, one length, one treatment. */
export interface FastenerGroup {
  readonly id: string;
  readonly name: string;
  readonly sort: 'bolt' | 'stud' | 'nut' | 'through-bolt';
  /** "M12 × 1.75". */
  readonly thread: string;
  readonly length?: LengthFigure;
  /** The spanner that fits; another number than the thread. */
  readonly spanner?: string;
  readonly grade?: string;
  readonly uses: Uses;
  /** Tightened past yield by its programme. */
  readonly stretch: boolean;
  /** Longest it may be and still be used. */
  readonly stretchLimit?: LengthFigure;
  /** Which way washer and nut face lie. */
  readonly washer?: string;
  readonly locking?: string;
  readonly counterHold?: string;
  readonly hole?: HoleInto;
  readonly treatment: Treatment;
}

/** How often a fastener may be used. */
export type Uses = 'one' | 'until-limit' | { readonly most: number };

/** What goes on the thread and under the head; nothing else does. */
export interface Treatment extends Statement {
  readonly kind: TreatmentKind;
}

export interface SheetProgramme extends Sourced {
  readonly id: string;
  /** A run from slack to a value each; one that slackens begins another. */
  readonly cycles: readonly SheetCycle[];
}

export interface SheetCycle {
  readonly id: string;
  readonly stages: readonly SheetStage[];
}

interface OrderedStage {
  readonly id: string;
  /** Fastener ids in the order they are pulled. */
  readonly order: readonly string[];
  /** Fasteners this stage leaves alone on purpose. */
  readonly leaveOut?: readonly string[];
  /** Two people pull each at once, one at either end. */
  readonly together?: true;
  /** Those of the order pulled from the far side, while another pulls the rest from the near side. */
  readonly farSide?: readonly string[];
}

/** A value for one group, or for all. */
export interface StageValue<Unit extends string> {
  readonly group?: string;
  readonly value: Printed<Unit>;
}

/** `check` pulls each at a value at which none may move. */
export interface SheetTorqueStage extends OrderedStage {
  readonly kind: 'torque' | 'check';
  readonly values: readonly StageValue<TorqueUnit>[];
}

export interface SheetAngleStage extends OrderedStage {
  readonly kind: 'angle';
  readonly values: readonly StageValue<'deg'>[];
}

export interface SheetSlackenStage extends OrderedStage {
  readonly kind: 'slacken';
  /** Eased by so much; absent for right off. */
  readonly by?: AngleFigure;
}

/** All jacks on one line; `hydraulic-check`: at that pressure no nut may move. */
export interface SheetHydraulicStage extends OrderedStage {
  readonly kind: 'hydraulic' | 'hydraulic-check';
  readonly pressure: Printed<PressureUnit>;
}

/** Something to be done once between stages. */
interface SheetPauseStage {
  readonly id: string;
  readonly kind: 'wait' | 'turn-crank';
  readonly says: string;
  /** For a wait. */
  readonly time?: TimeFigure;
}

/**
 * One round of drawing down, evenly, a part that stands on its springs: each fastener in turn by the same small turn.
 * No sheet prints it: it is worked out from the set's spring load.
 */
export interface SheetDrawStage {
  readonly id: string;
  readonly kind: 'draw-down';
  readonly order: readonly string[];
  readonly turn: AngleFigure;
  readonly round: number;
  readonly rounds: number;
}

/** Done once for the whole set. */
type OnceStage = SheetPauseStage | SheetDrawStage;
/** Done fastener by fastener. */
export type SheetPullStage =
  SheetTorqueStage | SheetAngleStage | SheetSlackenStage | SheetHydraulicStage;
export type SheetStage = SheetPullStage | OnceStage;

/** Done once for the whole set. */
export function isSheetPause(stage: SheetStage): stage is OnceStage {
  return stage.kind === 'wait' || stage.kind === 'turn-crank' || stage.kind === 'draw-down';
}

export interface Afterwards extends Statement {
  readonly about: 'settle-and-check' | 'after-heat' | 'reuse';
  readonly demand: 'do' | 'never';
  /** Waited before it, or hours cooled. */
  readonly time?: TimeFigure;
  readonly method?: 'ease-and-pull-one-by-one' | 'pull-without-easing' | 'pull-hot' | 'check-only';
}

/** A shaft, cam caps or a carrier that springs hold up: drawn down, and let up, a little at each in turn. */
export interface SpringLoadSpec {
  /** How far it stands off its seat. */
  readonly down: LengthFigure;
  /** The most one fastener may be drawn down before the others follow. */
  readonly step: LengthFigure;
}

export interface TensionerSpec {
  /** Effective area of one jack. */
  readonly areaMm2: number;
  /** Stressed diameter of the stud. */
  readonly stud: LengthFigure;
  readonly stretchLength: LengthFigure;
  readonly holesPerTurn?: number;
  /** Holes each nut should travel at the last stage, alike within so many. */
  readonly expectedHoles?: number;
  readonly toleranceHoles?: number;
}
