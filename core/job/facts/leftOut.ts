/**
 * Cards that a job may do without: work done elsewhere, or before anybody kept a card of it. `covering`:
 * the steps by which heads go on, where they are on already.
 */
export const LEAVE_OUT = [
  'mark',
  'strip',
  'parts',
  'inspect',
  'bores',
  'shells',
  'bearings',
  'crank',
  'pistons',
  'stand-out',
  'head-build',
  'covering',
  'fit',
  'timing',
  'pump',
] as const;

export type LeaveOut = (typeof LEAVE_OUT)[number];

/** Why a card was left out, and by whom. */
export interface LeftOut {
  readonly words: string;
  readonly at: string;
  readonly by: string;
}

export interface LeftOutActs {
  /** A card left out on this job, with the reason: it stands in the record as left out, not as done. */
  'card.left-out': { readonly card: LeaveOut; readonly words: string };
}

export type LeftOutState = Readonly<Partial<Record<LeaveOut, LeftOut>>>;
