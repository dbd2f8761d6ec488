import type { TemporaryPartKind } from './register';

export interface CrankState {
  /** After cylinder 1's firing top dead centre; null while unknown or in doubt. */
  readonly atDeg: number | null;
  readonly since: string | null;
  readonly doubt: string | null;
  /** Turned past where it was to stop: taken well back and come up on again before it counts. */
  readonly overshot: boolean;
  /** The place in the log of what last turned it or said where it stands; null while nothing has. */
  readonly movedSeq: number | null;
}

/** The step of a part that goes on at which the crank is brought to where it must stand. */
export const CRANK_STANDS = 'crank-stands';

export const CRANK_UNKNOWN: CrankState = {
  atDeg: null,
  since: null,
  doubt: null,
  overshot: false,
  movedSeq: null,
};

/** Why the crank must not be turned; `what` names the thing, the place or the cylinders where it is one. */
export interface CrankHold {
  readonly code:
    | 'hands-in'
    | 'still-live'
    | 'temporary-part-in'
    | 'jacks-on'
    | 'liners-loose'
    | 'through-bolts-slack'
    /** More than one main cap is off, and the crank would drop out of the others. */
    | 'crank-hangs'
    | 'rod-uncapped'
    /** Its cylinder is off, and it would strike the case as it comes round. */
    | 'piston-hangs'
    /** The drive is off, and valves may stand open over the pistons. */
    | 'drive-open';
  readonly what?: string;
}

/** What, put in for a while, lets the crank turn all the same. */
export const HELD_BY = {
  'liners-loose': 'liner-clamp',
  'through-bolts-slack': 'case-clamp',
  'piston-hangs': 'piston-guide',
} as const satisfies Partial<Record<CrankHold['code'], TemporaryPartKind>>;

/**
 * What turns the crank: a move of the timing may be made while the drive is open, and the turn that a programme asks for
 * after each cap while the next ones are still off.
 */
export type Move = 'any' | 'of-the-timing' | 'of-the-programme';

export interface CrankActs {
  'crank.stood': {
    readonly atDeg: number;
    readonly seen: string;
    /** Why tappets were not waited for. */
    readonly words?: string;
  };
  'crank.doubted': { readonly words: string };
  /** Turned past where it was to stop. */
  'crank.overshot': { readonly words?: string };
}
