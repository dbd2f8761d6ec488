import { LEAVE_OUT, type LeaveOut } from './facts/leftOut';

/** Is this one of them? */
export function canBeLeftOut(card: string): card is LeaveOut {
  return (LEAVE_OUT as readonly string[]).includes(card);
}
