import type { TimeDoubt } from './facts/actTime';
/** Clocks and waits further off than this are spoken of; nothing is refused for it. */
export const CLOCK_OFF_MS = 2 * 60 * 1000;

export interface ActTime {
  /** What the device says: ISO time. */
  readonly at: string;
  readonly receivedAt: string;
  /** How far the device's clock was ahead of the server's when it sent; 0 where it was not far off. */
  readonly clockOffMs: number;
  /** For how long it waited on the device, by a clock that cannot be set; null where that is not known. */
  readonly waitedMs: number | null;
  /** When the job was opened, and when the same device last did something on it: ISO times. */
  readonly openedAt: string | null;
  readonly lastOwnAt: string | null;
}

/**
 * Whether an act's own time can be: not after it was received, nor later than it can have been by how
 * long it waited; not before the job was opened; not before what the same device did before it.
 */
export function doubtOfTime(time: ActTime): TimeDoubt | null {
  const at = Date.parse(time.at);
  const byServer = at - time.clockOffMs;
  const latest = Date.parse(time.receivedAt) - (time.waitedMs ?? 0);
  if (byServer > latest + CLOCK_OFF_MS) return 'ahead';
  if (time.openedAt !== null && byServer < Date.parse(time.openedAt) - CLOCK_OFF_MS)
    return 'before-opening';
  if (time.lastOwnAt !== null && at < Date.parse(time.lastOwnAt) - CLOCK_OFF_MS)
    return 'before-own';
  return null;
}
