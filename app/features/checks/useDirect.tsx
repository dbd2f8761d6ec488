import { useState, type ReactNode } from 'react';
import { isByStripAlone } from '@cardinex/core/job/cards/shells/clearances';
import { newestReading } from '@cardinex/core/job/checks/state';
import type { CheckView } from '@cardinex/core/job/checks/view';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { Choice } from '../../ui/Choice';
import { useJob } from '../job/JobProvider';

/** Is a clearance read itself, by strip or leaf, and not the size of its bearing? As the last was, until it is chosen. */
export function useDirect({ check }: CheckView): {
  readonly on: boolean;
  readonly choice: ReactNode;
} {
  const { state } = useJob();
  const [chosen, setChosen] = useState<'size' | 'clearance' | null>(null);
  if (check.kind !== 'clearances') return { on: false, choice: null };
  if (isByStripAlone(check)) return { on: true, choice: null };
  const last = newestReading(state.checks, check.id);
  const value = chosen ?? (last?.direct ? 'clearance' : 'size');
  return {
    on: value === 'clearance',
    choice: (
      <Choice
        label={w.readsWhat}
        options={[
          { value: 'size', label: w.bySize },
          { value: 'clearance', label: w.byClearance },
        ]}
        value={value}
        onChange={setChosen}
      />
    ),
  };
}
