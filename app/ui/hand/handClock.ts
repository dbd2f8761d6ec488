/**
 * The clock that presses of a hand are held against: it only runs forward, whatever happens to the
 * time of day. Tests set `now` to move it.
 */
export const handClock = {
  /** Milliseconds since some moment. */
  now: (): number => performance.now(),
};
