/*
 * Top dead centre of cylinder 1 by a positive stop, and a mark where there was none.
 */

export interface TopState {
  readonly found:
    | (TopActs['top.found'] & {
        readonly at: string;
        readonly by: string;
        readonly seq: number;
      })
    | null;
  /** The mark made there, in words. */
  readonly mark: { readonly words: string; readonly at: string; readonly by: string } | null;
}

export const NO_TOP: TopState = { found: null, mark: null };

export interface TopActs {
  /**
   * Cylinder 1 against a positive stop from both sides: what a degree wheel read, or how far apart the two
   * marks on the rim are.
   */
  'top.found':
    { readonly stopForwardDeg: number; readonly stopBackDeg: number } | { readonly arcMm: number };
  /** A top mark made where there was none. */
  'crank.marked': { readonly words: string };
}
