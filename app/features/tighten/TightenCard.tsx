import { entryOf, runsOf } from '@cardinex/core/job/tray';
import { BarredCard } from '../job/BarredCard';
import { useJob } from '../job/JobProvider';
import { NoSuchCard } from '../job/NoSuchCard';
import { ProposeValue } from './ProposeValue';
import { RunInHand } from './RunInHand';

/** One set's tightening. */
export function TightenCard({ set }: { set: string | undefined }) {
  const { sheet, state, tray, now } = useJob();
  const entry = entryOf(tray, { card: 'tighten', set });
  if (!entry) return <NoSuchCard card="tighten" />;
  if (entry.status === 'barred' || !entry.set) {
    return <BarredCard entry={entry} more={<ProposeValue entry={entry} />} />;
  }
  return <RunInHand runs={runsOf(sheet, state, entry.set.id, now)} />;
}
