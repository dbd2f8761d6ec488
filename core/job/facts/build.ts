import type { GasketChosen } from './gasket';
import type { LinerPlace } from './liners';
import type { Printed } from './shown';
import type { RunName } from './run';

/** What is said as liners, pistons and crank go together. */
export interface BuildActData {
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
  /** The crank turned by hand after a cap was pulled. */
  'cap.turned': {
    readonly run: RunName;
    readonly stage: string;
    /** The fasteners of the cap. */
    readonly fasteners: readonly string[];
    readonly found: 'free' | 'binds';
    readonly words?: string;
  };
  /** A piston weighed with what belongs to it. */
  'piece.weighed': {
    readonly check: string;
    readonly item: string;
    readonly grams: number;
    readonly text: string;
  };
  /** Which gasket is fitted. */
  'gasket.chosen': GasketChosen;
}
