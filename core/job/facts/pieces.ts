import type { AssemblyAct } from '../../sheet/spec/assembly';
import type { RunName } from './run';

/** How a piece was found as it came off; none of them is taken for granted. */
export const PIECE_CONDITIONS = ['sound', 'worn', 'damaged', 'loose', 'absent'] as const;

/** `loose`: what holds it had worked loose. `absent`: it was off, or missing, before the job began. */
export type PieceCondition = (typeof PIECE_CONDITIONS)[number];

export interface PieceOff {
  readonly at: string;
  readonly by: string;
  readonly seq: number;
  readonly found: PieceCondition;
  readonly words?: string;
}

export interface PiecesState {
  /** By instance: `head/1`. */
  readonly off: Readonly<Record<string, PieceOff>>;
  /** Off again for something they shut, by the first instance of each row that goes on as one. */
  readonly reopened: Readonly<Record<string, { readonly at: string; readonly by: string }>>;
  /** What stays and was loosened, hung up or disconnected, by `easedKey`. */
  readonly eased: Readonly<Record<string, { readonly at: string; readonly by: string }>>;
}

export const NO_PIECES: PiecesState = { off: {}, reopened: {}, eased: {} };

/** Eased for the sake of a piece that comes off: a chain may be eased for its wheel and for the head. */
export function easedKey({ piece, off }: PiecesActs['piece.eased']): string {
  return `${piece} for ${off}`;
}

export interface PiecesActs {
  /** Pieces of one kind taken off, as many as were found alike. Words say what was wrong. */
  'piece.off': {
    readonly pieces: readonly string[];
    readonly found: PieceCondition;
    readonly words?: string;
  };
  /**
   * What was on already, taken off again for what it shuts: rows of pieces by their first instance, with the pulls
   * that are undone by it.
   */
  'way.opened': {
    readonly act: AssemblyAct;
    readonly pieces: readonly string[];
    readonly runs: readonly RunName[];
  };
  /** A piece that stays, eased before another comes off. */
  'piece.eased': { readonly piece: string; readonly off: string };
}
