import type { PlacedLiner } from '../../block/arrange/input';
import type { Printed } from './shown';

export interface LinerReading {
  readonly mm: number;
  readonly printed: Printed;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

/** A liner in a bore, on its shims. */
export type LinerPlace = Pick<PlacedLiner, 'bore' | 'liner' | 'shimsMm'>;

interface Reported {
  readonly at: string;
  readonly by: string;
}

/** Seals of one liner, counted out and in. */
export interface Sealed extends Reported {
  readonly out: number;
  readonly in: number;
}

export interface LinersState {
  /** Newest reading by bore and place. */
  readonly readings: Readonly<Record<string, Readonly<Record<number, LinerReading>>>>;
  readonly accepted: { readonly by: string; readonly at: string; readonly words?: string } | null;
  /** Where each liner goes by now; null while nobody has placed them. */
  readonly placed: (Reported & { readonly placement: readonly LinerPlace[] }) | null;
  /** The bore each liner that was marked anew says it belongs to; its own where it was not. */
  readonly marked: Readonly<Record<string, string>>;
  readonly seals: Readonly<Record<string, Sealed>>;
}

export const NO_LINERS: LinersState = {
  readings: {},
  accepted: null,
  placed: null,
  marked: {},
  seals: {},
};

export interface LinersActs {
  'liner.read': {
    readonly bore: string;
    readonly place: number;
    readonly mm: number;
    readonly printed: Printed;
  };
  'liners.accepted': { readonly words?: string };
  /** Which liner goes where, and on which shims; whatever moves is marked and read again. */
  'liners.placed': { readonly placement: readonly LinerPlace[] };
  /** Seals counted out of a bore and in again: the old ones all out, the new ones one to a groove. */
  'liner.sealed': { readonly bore: string; readonly out: number; readonly in: number };
}
