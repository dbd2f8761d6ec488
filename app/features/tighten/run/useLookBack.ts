import type { BoltView, RunView } from '@cardinex/core/job/run/views';
import { useState } from 'react';

/** A bolt done earlier, and in which stage. */
export interface LookedAt {
  readonly bolt: BoltView;
  readonly stage: number;
}

/**
 * PageUp walks back over what was done, newest first, without undoing anything.
 * @returns `lookedAt` null while the act in hand is in sight
 */
export function useLookBack(view: RunView): {
  readonly lookedAt: LookedAt | null;
  readonly further: () => void;
  readonly back: () => void;
} {
  const [by, setBy] = useState(0);
  const done = view.stages
    .flatMap(({ bolts }, at) => bolts.map((bolt) => ({ bolt, stage: at + 1 })))
    .filter(({ bolt }) => bolt.attempts.length > 0)
    // Of one second, the later in its order was the later done.
    .reverse()
    .sort((a, b) => lastAt(b.bolt) - lastAt(a.bolt));
  return {
    lookedAt: by > 0 ? (done[by - 1] ?? null) : null,
    further: () => setBy((before) => Math.min(before + 1, done.length)),
    back: () => setBy(0),
  };
}

function lastAt({ attempts }: BoltView): number {
  return Date.parse(attempts.at(-1)?.at ?? '');
}
