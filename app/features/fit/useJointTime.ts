import {
  clockAgainst,
  clocksOfRow,
  phaseOf,
  type ClockPhase,
  type JointClock,
} from '@cardinex/core/job/cards/fit/clocks';
import type { FitRow } from '@cardinex/core/job/cards/fit/rows';
import type { FitStep } from '@cardinex/core/job/cards/fit/steps';
import { useNow } from '../../ui/useNow';
import { latest, useJob } from '../job/JobProvider';

interface JointTimes {
  /** The clock of a row that asks for something now: the one past its time first, else the one that ends soonest. */
  readonly inHand: { readonly clock: JointClock; readonly phase: Asking } | null;
  /** ISO time, moved on every second while one runs. */
  readonly now: string;
  /** What of the clocks is against a step of the row. */
  readonly against: (step: FitStep) => ReturnType<typeof clockAgainst>;
}

type Asking = Exclude<ClockPhase, { is: 'over' | 'curing' }>;

/** The clocks of the joints of a row, looked at every second while one of them runs. */
export function useJointTime(row: FitRow | undefined): JointTimes {
  const { sheet, state, log } = useJob();
  const clocks = row ? clocksOfRow(sheet, state, row) : [];
  const now = latest(useNow(clocks.length > 0 ? 1000 : undefined), log);
  const asking = clocks.flatMap((clock) => {
    const phase = phaseOf(clock, now);
    return phase.is === 'over' || phase.is === 'curing' ? [] : [{ clock, phase }];
  });
  const [inHand = null] = asking.sort((a, b) => endOf(a.phase).localeCompare(endOf(b.phase)));
  return {
    inHand,
    now,
    against: (step) => (row ? clockAgainst(sheet, state, row, step, () => now) : null),
  };
}

function endOf(phase: Asking): string {
  return phase.is === 'too-late' ? '' : phase.until;
}
