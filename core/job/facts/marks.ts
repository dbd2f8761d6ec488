import type { EngineEnd } from '../../sheet/spec/layout';

export const MARK_KINDS = [
  'rod',
  'liner',
  'push-rod',
  'rocker',
  'tappet',
  'tappet-shim',
  'liner-shim',
  'shells',
  'bolts',
] as const;

export type MarkKind = (typeof MARK_KINDS)[number];

/** What is told apart by its place in a rack; all else carries its own mark. */
export const RACKED: readonly MarkKind[] = [
  'push-rod',
  'rocker',
  'tappet',
  'tappet-shim',
  'shells',
];

/**
 * Where a part sat, told so that it stays true whatever the cylinders are called: the row it is in,
 * and how many from a named end.
 */
export interface MarkPlace {
  readonly bank: string;
  readonly end: EngineEnd;
  /** Counted from that end, 1 the nearest; 0 for what belongs to no cylinder. */
  readonly nth: number;
  /** How many there are in that row. */
  readonly total: number;
  /** Which of the parts there: "exhaust", "upper", a set of bolts. */
  readonly part: string;
}

/** A mark as it was made. */
export interface MadeMark {
  readonly mark: string;
  readonly kind: MarkKind;
  readonly code: string;
  readonly place: MarkPlace;
  readonly at: string;
  readonly by: string;
}

/** Marks as they were made, the newest of each place and kind. */
export type MarksState = readonly MadeMark[];

export interface MarksActs {
  /** A part marked, and its bag or tag with it. */
  'mark.made': Omit<MadeMark, 'at' | 'by'>;
  /** Parts of one kind laid in a rack in the order they stood in, its ends marked. */
  'marks.racked': { readonly marks: readonly Omit<MadeMark, 'at' | 'by'>[] };
}
