import { handClock } from './handClock';

/** Nobody sets a wrench on the next bolt and pulls it sooner than this. */
const SOON_MS = 1500;

let pulledAt = -Infinity;

/** When the last pull was said on this device: one that follows too soon was never made. */
export const pullPace = {
  /** Is this too soon after the last to have been pulled? */
  isTooSoon: (): boolean => handClock.now() - pulledAt < SOON_MS,
  /** One was said to be pulled. */
  pulled: (): void => {
    pulledAt = handClock.now();
  },
};
