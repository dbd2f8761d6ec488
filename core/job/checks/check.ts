import type { Move } from '../facts/crank';
/** Cards of the tray that are worked through as lists of checks, or begin with some. */
export const CHECK_CARDS = [
  'inspect',
  'bores',
  'liners',
  'shells',
  'bearings',
  'crank',
  'pistons',
  'stand-out',
  'head-build',
  'fit',
  'tighten',
  'timing',
  'pump',
] as const;
export type CheckCard = (typeof CHECK_CARDS)[number];

export type CheckKind =
  // Before it goes together
  | 'flatness'
  | 'holes'
  | 'lengths'
  | 'bores'
  | 'journals'
  | 'clearances'
  | 'rings'
  | 'look'
  | 'unclamped'
  | 'shells-found'
  // As it goes together
  | BuildKind;

/** Kinds of checks made as an engine goes together. */
export const BUILD_KINDS = [
  'bore-work',
  'counterbores',
  'flanges',
  'shells',
  'bearing',
  'thrust',
  'end-float',
  'camshaft',
  'tappets',
  'ring-gaps',
  'side-clearances',
  'masses',
  'rings-on',
  'on-rod',
  'oil-jets',
  'in-bore',
  'rod-floats',
  'stand-outs',
  'head-built',
  'last-look',
  'head-on',
  'fitted',
  'wheel-line',
  'timing',
  'pump',
] as const;
export type BuildKind = (typeof BUILD_KINDS)[number];

/** Is this a kind of check made as an engine goes together? */
export function isBuildKind(kind: CheckKind): kind is BuildKind {
  return (BUILD_KINDS as readonly CheckKind[]).includes(kind);
}

/** Something to be measured, ticked or looked over: a table of items by places. */
export interface Check {
  /** The key its readings are kept under: "flatness/head/1". */
  readonly id: string;
  readonly card: CheckCard;
  readonly kind: CheckKind;
  /** Measured, weighed, or seen and said. */
  readonly way: 'read' | 'weighed' | 'seen';
  readonly items: readonly string[];
  /** Where each item is read, or the steps each is ticked at; one nameless place where there is but one. */
  readonly places: readonly string[];
  /** Steps taken item by item; otherwise each step is taken round all items before the next. */
  readonly byItem?: true;
  /** A fastened set; or the piece that goes on. */
  readonly set?: string;
  readonly instance?: string;
  readonly journal?: string;
  /** The crank has to be turned for it; for some of its steps only, where they are named. */
  readonly turnsCrank: boolean;
  readonly turnsAt?: readonly string[];
  /** What such readings may differ by without anybody wondering. */
  readonly floorMm: number;
  /** The smallest and largest a reading can be and not be a slip of the decimal mark. */
  readonly reachMm: readonly [number, number];
}

const ONE_PLACE = [''] as const;

/** A running clearance that is read itself, by strip or leaf. */
export const CLEARANCE_REACH = [0, 2] as const;

/** A gap under a straightedge, or a clearance, larger than this is a slip. */
export const GAP_REACH = [0, 5] as const;

type Named = Pick<Check, 'id' | 'card' | 'kind' | 'items'>;

/** A check that is seen and said, item by item or step by step. */
export function seenCheck(named: Named, more: Partial<Check> = {}): Check {
  return {
    ...named,
    way: 'seen',
    places: ONE_PLACE,
    turnsCrank: false,
    floorMm: 0,
    reachMm: GAP_REACH,
    ...more,
  };
}

/** A check that is measured. */
export function readCheck(
  named: Named,
  scale: Pick<Check, 'floorMm' | 'reachMm'>,
  more: Partial<Check> = {},
): Check {
  return { ...named, way: 'read', places: ONE_PLACE, turnsCrank: false, ...scale, ...more };
}

/** At which step the crank is brought to where it must stand for a piston or a cylinder. */
export const CRANK_PLACED = 'crank-placed';

/** Has the crank to be turned at this step, or for a reading at this place? */
export function turnsCrankAt({ turnsCrank, turnsAt }: Check, place: string): boolean {
  return turnsCrank && (turnsAt?.includes(place) ?? true);
}

/** A check with at least one item; a list to be spread into others. */
export function ifAny(check: Check): readonly Check[] {
  return check.items.length > 0 ? [check] : [];
}

/** What a turn at this check is for: the timing is set with the drive open. */
export function moveOf({ kind }: Check): Move {
  return kind === 'timing' || kind === 'wheel-line' ? 'of-the-timing' : 'any';
}
