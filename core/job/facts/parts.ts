import type { RenewSpec } from '../../sheet/spec/kit';

/** A card of the tray, and its set, that a part or a piece of work holds up. */
export interface Holds {
  readonly card: 'liners' | 'tighten' | 'valves';
  readonly set?: string;
}

/** What a part turned out to be, laid beside the old one. */
export type PartVerdict = 'right' | 'wrong' | 'missing';

export interface Arrival {
  readonly count: number;
  readonly verdict: PartVerdict;
  readonly words?: string;
  readonly at: string;
  readonly by: string;
}

export interface OutsideWork {
  readonly id: string;
  readonly what: string;
  readonly to: string;
  readonly holds: Holds | null;
  readonly sent: { readonly at: string; readonly by: string };
  readonly back: {
    readonly result: string;
    readonly certificate?: string;
    /** Machine shops leave grit: nothing goes in before it is washed again. */
    readonly washed: boolean;
    readonly at: string;
    readonly by: string;
  } | null;
}

export interface PartsState {
  /** Newest arrival by kit line. */
  readonly arrived: Readonly<Record<string, Arrival>>;
  readonly outside: readonly OutsideWork[];
}

export const NO_PARTS: PartsState = { arrived: {}, outside: [] };

/** Why a card waits for a part, or for work sent out. */
export interface PartHold {
  readonly what: string;
  readonly found?: KitItem['found'];
  readonly code: 'to-come' | 'wrong' | 'missing' | 'outside' | 'unwashed';
}

/** One line of what has to be bought or found. */
export interface KitItem {
  readonly id: string;
  /** As the sheet names it; empty for what inspection found, which `found` tells. */
  readonly part: string;
  readonly found?: { readonly check: string; readonly item: string };
  readonly when: RenewSpec['when'] | 'found-out';
  /** How many, where that is known. */
  readonly count?: number;
  readonly holds?: Holds;
  /** Who says so. */
  readonly source: string;
}

export interface PartsActs {
  /** A part laid beside the old one. */
  'part.arrived': Omit<Arrival, 'at' | 'by'> & { readonly part: string };
  'work.sent': {
    readonly work: string;
    readonly what: string;
    readonly to: string;
    readonly holds?: Holds;
  };
  'work.back': {
    readonly work: string;
    readonly result: string;
    readonly certificate?: string;
    readonly washed: boolean;
  };
}
