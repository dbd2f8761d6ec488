import type { Printed, Sourced, VolumeFigure } from '../../quantity/figure';

/** What waits for a part besides a fastened set. */
export const HELD_BESIDE_SETS = ['liners', 'valves'] as const;

/** What a kit holds: renewed always, if worn, chosen by measurement, or kept together. */
export interface RenewSpec extends Sourced {
  readonly part: string;
  readonly when: 'always' | 'if-worn' | 'by-measurement' | 'matched-set';
  readonly count?: number;
  /** The fastened set, the liners or the valves that wait for it. */
  readonly fits?: string;
  /** What a matched set is made of: one of them condemned is all of them condemned. */
  readonly members?: readonly SetMember[];
}

/** What is kept together in a matched set. */
export const SET_MEMBERS = ['liner', 'piston', 'rings', 'tappet'] as const;
export type SetMember = (typeof SET_MEMBERS)[number];

export interface FillSpec {
  readonly what: string;
  readonly amount?: Printed<VolumeFigure['unit']>;
  readonly grade: string;
}
