import type { CardName } from './cardName';

/** Something seen on the way that is to be seen to later: by whoever saw it, on whichever card. */
export interface Remark {
  readonly id: string;
  readonly words: string;
  /** The card it was made on. */
  readonly card?: CardName;
  readonly set?: string;
  readonly at: string;
  readonly by: string;
  /** What became of it: seen to, or accepted as it is. */
  readonly closed: {
    readonly how: 'seen-to' | 'accepted';
    readonly words?: string;
    readonly at: string;
    readonly by: string;
  } | null;
}

/** In the order they were made. */
export type RemarksState = readonly Remark[];

export interface RemarksActs {
  'remark.made': {
    readonly remark: string;
    readonly words: string;
    readonly card?: CardName;
    readonly set?: string;
  };
  'remark.seen-to': { readonly remark: string; readonly words?: string };
  /** It stays as it is, and somebody answers for that. */
  'remark.accepted': { readonly remark: string; readonly words: string };
}
