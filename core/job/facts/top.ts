import type { OverheadActData } from './overhead';

/*
 * Top dead centre of cylinder 1 by a positive stop, and a mark where there was none.
 */

export interface TopState {
  readonly found:
    | (OverheadActData['top.found'] & {
        readonly at: string;
        readonly by: string;
        readonly seq: number;
      })
    | null;
  /** The mark made there, in words. */
  readonly mark: { readonly words: string; readonly at: string; readonly by: string } | null;
}

export const NO_TOP: TopState = { found: null, mark: null };
