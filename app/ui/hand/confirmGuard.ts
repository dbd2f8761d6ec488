import { handClock } from './handClock';

/** Two presses nearer than this are one press of a bouncing pedal, key or thumb. */
const BOUNCE_MS = 250;

let takenAt = -Infinity;

/**
 * May this press count? One guard for touch, key and pedal together, because the second half of a
 * double touch lands on whatever the first one brought to its place: the next bolt, the next card, the
 * button below a slip.
 * @returns false for a press that is part of the one before
 */
export function takePress(): boolean {
  const now = handClock.now();
  if (now - takenAt < BOUNCE_MS) return false;
  takenAt = now;
  return true;
}
