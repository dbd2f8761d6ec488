import type { Seeded } from '@cardinex/core/quantity/seeded';
import { preload } from '@cardinex/core/tightening/preload';
import { screwThread, type ThreadSize } from '@cardinex/core/tightening/screwThread';
import { JOINT_TIMES, STEEL_GPA, usualBearing } from '@cardinex/core/tightening/usualJoint';
import type { Bolt, BoltTrouble } from './bolt';

/** A bolt of a size, with a strength; no two are quite alike. */
export interface BoltKind {
  readonly thread: ThreadSize;
  readonly yieldMpa: number;
  /** Clamped length: what stretches. */
  readonly lengthMm: number;
}

/** What a bolt clamps when it begins to stretch for good, friction counted in. */
export function yieldClampKn({ thread, yieldMpa }: BoltKind, mu: number): number {
  const { vonMisesMpa } = preload({
    ...thread,
    forceKn: 1,
    muThread: mu,
    muHead: mu,
    ...usualBearing(thread),
  });
  return yieldMpa / vonMisesMpa;
}

/**
 * One bolt of a kind, drawn by chance, with a trouble or none.
 * @param atKn the clamp it is meant to end at: troubles are made to show before it
 */
export function makeBolt(
  kind: BoltKind,
  { trouble, atKn }: { readonly trouble: BoltTrouble; readonly atKn: number },
  chance: Seeded,
): Bolt {
  const { stressAreaMm2 } = screwThread(kind.thread);
  const boltKnPerMm = (stressAreaMm2 * STEEL_GPA) / kind.lengthMm;
  const together = boltKnPerMm / (1 + 1 / JOINT_TIMES);
  const knPerDeg = ((together * kind.thread.pitchMm) / 360) * within(chance, 0.9, 1.1);
  const mu = within(chance, 0.11, 0.14);
  const yieldKn = yieldClampKn(kind, mu);
  const neededDeg = atKn / knPerDeg;
  return {
    thread: kind.thread,
    knPerDeg,
    muThread: mu,
    muHead: mu,
    yieldKn: trouble === 'yields-early' ? atKn * within(chance, 0.5, 0.75) : yieldKn,
    seatDeg: within(chance, 20, 60),
    trouble,
    troubleDeg: neededDeg * within(chance, 0.3, 0.5),
  };
}

function within({ even }: Seeded, low: number, high: number): number {
  return low + (high - low) * even();
}
