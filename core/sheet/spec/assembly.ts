import type {
  LiftMassFigure,
  Limits,
  PressureFigure,
  Printed,
  Sourced,
  Statement,
} from '../../quantity/figure';
import type { PrintedLengthUnit, TorqueUnit } from '../../quantity/units';
import type { JointSpec } from './joint';
import type { Reference } from './reference';

/*
 * The engine as pieces that come off and go on as one. Which must come off for which, and in which order,
 * is worked out from what each rests on and what it shuts (`core/assembly`), never listed.
 */

export interface AssemblySpec {
  /** In the order that decides where several could be next, off as well as on. */
  readonly pieces: readonly PieceSpec[];
  /** What is done at the engine, where more is known of it than what shuts it. */
  readonly acts?: readonly AssemblyActSpec[];
  /** Put in for a time, and out again. */
  readonly temporary?: readonly TemporarySpec[];
  /** Where something may be opened in more ways than one. */
  readonly ways?: readonly WaysSpec[];
}

/** Kinds that are drawn and known; any other word may stand, and is drawn as a plain part. */
export const PIECE_KINDS = [
  'head',
  'cylinder',
  'cover',
  'housing',
  'sump',
  'rocker-shaft',
  'push-rod',
  'tappet',
  'camshaft',
  'drive',
  'bearing-cap',
  'crank',
  'rod-and-piston',
  'liner',
  'injector',
  'plug',
  'pump',
  'manifold',
  'cooler',
  'turbo',
  'blower',
  'pipe',
  'filter',
  'sensor',
  'harness',
  'flywheel',
  'pulley',
  'mounting',
  'accessory',
] as const;

/** One for each of these; `named`: those listed in `covers`. */
export const PIECE_PER = [
  'engine',
  'bank',
  'head',
  'cylinder',
  'bearing',
  'valve',
  'named',
] as const;
export type PiecePer = (typeof PIECE_PER)[number];

/** Something of the overhead is set, each at its own place of the crank. */
export const SETTING_ACTS = ['set-valves', 'set-injectors', 'set-brakes', 'set-actuators'] as const;
export type SettingAct = (typeof SETTING_ACTS)[number];

/** What can be done at an engine, and may be shut in by a piece. */
export const ASSEMBLY_ACTS = [
  ...SETTING_ACTS,
  'set-valves-again',
  'set-valves-hot',
  'pull-again',
  'see-timing',
  'time-pump',
  'read-stand-out',
  'read-liners',
  'read-end-float',
  'clamp-liners',
  'turn-crank',
  'fill-oil',
  'fill-coolant',
  'prime-oil',
  'prime-fuel',
  'start-engine',
] as const;
export type AssemblyAct = (typeof ASSEMBLY_ACTS)[number];

/** How an engine can stand in its stand. */
export const STANDS_HOW = ['upright', 'inverted', 'bank-level'] as const;
export type StandsHow = (typeof STANDS_HOW)[number];

export const ATTITUDES = [...STANDS_HOW, 'any'] as const;
export type Attitude = (typeof ATTITUDES)[number];

/** Where the crank stands before a piece goes on. */
export const CRANK_PLACES = [
  'cylinder-at-firing-top',
  'pistons-off-top',
  'its-rod-at-top',
  'anywhere',
] as const;
export interface CrankPlaceSpec extends Statement {
  readonly stands: (typeof CRANK_PLACES)[number];
}

/** Which cylinders, main bearings or valves an instance is over; all of the engine when it names none. */
export interface CoversSpec {
  /** Its name within the piece: "1", "port", "front". */
  readonly place: string;
  readonly cylinders?: readonly number[];
  readonly bearings?: readonly number[];
  readonly valves?: readonly string[];
}

/** Order in one direction alone: no reason to take anything off. */
export interface OrderSpec {
  readonly piece: Reference;
  readonly why: string;
}

/** Loosened, pinned, hung up or disconnected, and left on. */
export interface EasesSpec {
  readonly piece: Reference;
  readonly how: string;
  readonly fasteners?: string;
  /** What must be done on it again. */
  readonly again?: readonly ('pull' | 'new-joint' | 'prove-timing')[];
}

export const HELD_BY = ['screws', 'thread', 'press', 'ring', 'clip', 'what-lies-on-it'] as const;

/** What holds a piece that no fastened set clamps. */
export interface HeldBySpec extends Partial<Sourced> {
  readonly by: (typeof HELD_BY)[number];
  readonly says?: string;
  readonly count?: number;
  readonly value?: Printed<TorqueUnit>;
}

/** How a surface goes in: oiled, greased, pasted; null: left dry on purpose. */
export interface ContactSpec extends Partial<Sourced> {
  readonly what: string;
  readonly lubricant: string | null;
}

export interface FacingSpec extends Partial<Sourced> {
  readonly faces: string;
  /** Of what, where it is not the piece itself. */
  readonly part?: string;
}

/** Rods, tubes, rings that guide into it as it goes on, and who watches them. */
export interface SlidesInSpec extends Partial<Sourced> {
  readonly what: string;
  readonly watch?: string;
}

/** What is looked for last before the piece shuts over it. */
export interface HidesSpec extends Partial<Sourced> {
  readonly what: string;
  /** A plug: renewed, or cleaned and put back. */
  readonly plug?: 'new' | 'cleaned';
}

export const CONNECTION_KINDS = [
  'pipe',
  'hose',
  'union',
  'plug',
  'wire',
  'linkage',
  'belt',
] as const;

export interface ConnectionSpec extends Partial<Sourced> {
  readonly what: string;
  readonly kind: (typeof CONNECTION_KINDS)[number];
  /** What its other end is on, in words. */
  readonly to?: string;
  /** Which end goes on first: the one on this piece, or the other. */
  readonly first?: 'here' | 'other';
  readonly value?: Printed<TorqueUnit>;
  readonly seal?: string;
  /** Its cap stays on until the end. */
  readonly capOffLast?: true;
}

export interface LiftSpec extends Partial<Sourced> {
  readonly mass?: LiftMassFigure;
  readonly people?: number;
  readonly tackle?: string;
  readonly guides?: string;
  readonly watch?: string;
}

export const PROOFS = [
  'turns-freely',
  'holds-pressure',
  'opening-pressure',
  'spray',
  'moves-freely',
] as const;

export interface ProofSpec extends Partial<Sourced> {
  readonly what: (typeof PROOFS)[number];
  readonly says?: string;
  readonly pressure?: Printed<PressureFigure['unit']>;
  readonly within?: Limits<PrintedLengthUnit>;
}

/** What comes off or goes on as one. Its lines are sourced as it is, unless one says otherwise. */
export interface PieceSpec extends Sourced {
  readonly id: string;
  readonly name: string;
  /** One of `PIECE_KINDS`, or another word. */
  readonly kind: string;
  /** One for the engine when absent. */
  readonly per?: PiecePer;
  readonly covers?: readonly CoversSpec[];
  /** It cannot stay when that one goes: off before it, on after it. Touching is not resting. */
  readonly restsOn?: readonly Reference[];
  /** Pieces and acts that it closes the way to: off before them, on only when they are done. */
  readonly shuts?: readonly Reference[];
  readonly onAfter?: readonly OrderSpec[];
  readonly offAfter?: readonly OrderSpec[];
  readonly eases?: readonly EasesSpec[];
  /** May not be put on at the bench. */
  readonly inPlace?: true;
  readonly attitude?: Attitude;
  readonly heldBy?: readonly HeldBySpec[];
  readonly joints?: readonly JointSpec[];
  readonly contacts?: readonly ContactSpec[];
  readonly facings?: readonly FacingSpec[];
  readonly slidesIn?: readonly SlidesInSpec[];
  readonly hides?: readonly HidesSpec[];
  readonly connections?: readonly ConnectionSpec[];
  readonly lift?: LiftSpec;
  readonly crank?: CrankPlaceSpec;
  readonly mark?: { readonly where?: string; readonly never?: string };
  /** What it is made of, and what must not scrape or wash it. */
  readonly material?: { readonly is: string; readonly never?: string };
  readonly prove?: readonly ProofSpec[];
  readonly prime?: string;
}

/** Something done at the engine. */
export interface AssemblyActSpec extends Sourced {
  readonly act: AssemblyAct;
  readonly per?: PiecePer;
  readonly covers?: readonly CoversSpec[];
  /** Pieces that are on and pulled while it is done. */
  readonly needs?: readonly Reference[];
  /** Pieces that shut it, where they do not say so themselves. */
  readonly shutBy?: readonly Reference[];
  readonly crank?: CrankPlaceSpec;
  readonly attitude?: Attitude;
}

export const TEMPORARY_BARS = ['turn', 'start', 'cover', 'lift'] as const;
export type TemporaryBars = (typeof TEMPORARY_BARS)[number];

/** Something put in that must come out again. Moved about is out, and in again. */
export interface TemporarySpec extends Sourced {
  readonly what: string;
  /** The piece or act before which it is in, and the one before which it is out. */
  readonly in?: Reference;
  readonly out?: Reference;
  /** What must not happen while it is in. */
  readonly bars: TemporaryBars;
  /** Pieces it closes the way to meanwhile. */
  readonly shuts?: readonly Reference[];
  /** It holds the liners down while no head does. */
  readonly holdsLiners?: boolean;
  /** Plates over the ends of through bolts: they hold the case while cylinders are off. */
  readonly holdsCase?: boolean;
}

/** Sets of pieces of which any one opens the way to a piece or an act, in place of all that shut it. */
export interface WaysSpec extends Sourced {
  readonly to: Reference;
  readonly ways: readonly (readonly Reference[])[];
}
