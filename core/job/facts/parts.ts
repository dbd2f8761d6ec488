import type { JointKind } from '../../sheet/spec/joint';
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
  /** The grade marked on it, of what comes in several. */
  readonly grade?: string;
  readonly at: string;
  readonly by: string;
}

/** When a part is to come, as whoever sells it said. */
export interface Expected {
  /** A day: 2026-03-31. */
  readonly on: string;
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
  /** Newest word of when a line comes. */
  readonly expected: Readonly<Record<string, Expected>>;
}

export const NO_PARTS: PartsState = { arrived: {}, outside: [], expected: {} };

/** Why a card waits for a part, or for work sent out. */
export interface PartHold {
  readonly what: string;
  readonly found?: KitItem['found'];
  readonly code: 'to-come' | 'to-choose' | 'wrong' | 'missing' | 'outside' | 'unwashed';
  /** The day it is to come. */
  readonly expected?: string;
}

/** One line of what has to be bought or found. */
export interface KitItem {
  readonly id: string;
  /** As the sheet names it; empty for what inspection found, which `found` tells. */
  readonly part: string;
  readonly found?: { readonly check: string; readonly item: string };
  readonly when: RenewSpec['when'] | 'found-out';
  /** Found wanting besides, where it goes as a whole: a matched set, of one cylinder. */
  readonly condemned?: {
    readonly cylinders: readonly number[];
    readonly by: readonly { readonly check: string; readonly item: string }[];
  };
  /** It comes in grades: which is wanted, null while that is not known. */
  readonly grade?: string | null;
  /** Joints that go in new with what goes on again: ordered, and counted at their pieces. */
  readonly joints?: readonly JointLine[];
  /** How many, where that is known. */
  readonly count?: number;
  readonly holds?: Holds;
  /** Who says so. */
  readonly source: string;
}

/** Joints of one piece that go in new. */
export interface JointLine {
  readonly piece: string;
  readonly kind: JointKind;
  readonly what?: string;
  readonly count: number;
}

export interface PartsActs {
  /** When lines are to come; said anew it is the newest that counts. */
  'parts.expected': {
    readonly parts: readonly string[];
    readonly on: string;
    readonly words?: string;
  };
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
