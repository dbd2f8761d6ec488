/** Cards that a job may do without: work done elsewhere, or before anybody kept a card of it. */
export const LEAVE_OUT = ['mark', 'strip', 'parts', 'inspect'] as const;
export type LeaveOut = (typeof LEAVE_OUT)[number];

/** Why a card was left out, and by whom. */
export interface LeftOut {
  readonly words: string;
  readonly at: string;
  readonly by: string;
}
