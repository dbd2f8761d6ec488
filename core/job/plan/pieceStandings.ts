import type { JobSheet } from '../scope';
import type { JobState } from '../state';

/** How a piece of a job stands: it stays on, is off, is in hand, or comes off later. */
export type PieceNow = 'on' | 'off' | 'next' | 'waits';

/**
 * How every piece of a job stands on the way off.
 * @param inHand instances that are taken off now
 * @example pieceStandings(sheet, state, ['head/1'])('head/1') // 'next'
 */
export function pieceStandings(
  { comesOff }: JobSheet,
  { pieces }: Pick<JobState, 'pieces'>,
  inHand: readonly string[],
): (instance: string) => PieceNow {
  return (instance) => {
    if (pieces.off[instance]) return 'off';
    if (inHand.includes(instance)) return 'next';
    return comesOff.because.has(instance) ? 'waits' : 'on';
  };
}
