import { runsOf } from '@cardinex/core/job/run/runsOf';
import { useJob } from '../job/JobProvider';
import { useEntry } from '../job/useEntry';
import { ProposeValue } from './ProposeValue';
import { RunInHand } from './RunInHand';

/** One set's tightening. */
export function TightenCard({ set }: { set: string | undefined }) {
  const { sheet, state, now } = useJob();
  const { entry, blockedScreen } = useEntry({ card: 'tighten', set }, (barred) => (
    <ProposeValue entry={barred} />
  ));
  if (blockedScreen) return blockedScreen;
  if (!entry.set) return null;
  return <RunInHand runs={runsOf(sheet, state, entry.set.id, now)} />;
}
