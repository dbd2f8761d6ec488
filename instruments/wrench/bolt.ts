import { preload } from '@cardinex/core/tightening/preload';
import { usualBearing } from '@cardinex/core/tightening/usualJoint';
import type { ThreadSize } from '@cardinex/core/tightening/screwThread';

/** What can be the matter with a bolt that looks like its fellows. */
export type BoltTrouble = 'none' | 'dirty-thread' | 'bottomed' | 'soft-joint' | 'yields-early';

/** A bolt in its hole, as the stand-in wrench feels it. */
export interface Bolt {
  readonly thread: ThreadSize;
  /** Clamp gained for each degree once it is seated. */
  readonly knPerDeg: number;
  readonly muThread: number;
  readonly muHead: number;
  /** Where it stretches for good. */
  readonly yieldKn: number;
  /** Turned from finger tight until head and joint meet. */
  readonly seatDeg: number;
  readonly trouble: BoltTrouble;
  /** Where the trouble begins, past the seat. */
  readonly troubleDeg: number;
}

/** Bedding in: over so many degrees the clamp begins to rise, no longer by jumps. */
const BEDDING_DEG = 8;
/** What a bolt that stretches still gains, as a share of what it gained before. */
const GAIN_PAST_YIELD = 0.12;
const SOFT = 0.4;
const BOTTOMED_TIMES = 4;
/** Grip and slip: the torque falls by this share, so many degrees apart. */
const SLIP_SHARE = 0.14;
const SLIP_DEG = 7;

/** The clamp of a bolt turned so far from finger tight, never having been turned back. */
export function clampAt(bolt: Bolt, deg: number): number {
  const past = deg - bolt.seatDeg;
  if (past <= 0) return 0;
  const bedded = past < BEDDING_DEG ? past ** 2 / (2 * BEDDING_DEG) : past - BEDDING_DEG / 2;
  const stiffness = bolt.knPerDeg * (bolt.trouble === 'soft-joint' ? SOFT : 1);
  const kn = bedded * stiffness;
  return kn <= bolt.yieldKn ? kn : bolt.yieldKn + (kn - bolt.yieldKn) * GAIN_PAST_YIELD;
}

/** What the wrench feels at that place: the torque of its clamp, and what the trouble adds. */
export function torqueAt(bolt: Bolt, deg: number): number {
  const kn = clampAt(bolt, deg);
  const clean = kn * torquePerKn(bolt);
  const past = deg - bolt.seatDeg - bolt.troubleDeg;
  switch (bolt.trouble) {
    case 'bottomed':
      // The end of the bolt stands on the hole: the shank twists, the head clamps no further.
      return past <= 0
        ? clean
        : clean + past * bolt.knPerDeg * torquePerKn(bolt) * (BOTTOMED_TIMES - 1);
    case 'dirty-thread': {
      if (past <= 0) return clean;
      const phase = (past % SLIP_DEG) / SLIP_DEG;
      return clean * (1 + SLIP_SHARE * (phase - 0.5) * 2);
    }
    case 'none':
    case 'soft-joint':
    case 'yields-early':
      return clean;
  }
}

function torquePerKn({ thread, muThread, muHead }: Bolt): number {
  return preload({
    ...thread,
    forceKn: 1,
    muThread,
    muHead,
    ...usualBearing(thread),
  }).torqueNm;
}
