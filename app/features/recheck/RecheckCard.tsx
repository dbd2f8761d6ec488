import { overheadView } from '@cardinex/core/job/cards/valves';
import { BarredCard } from '../job/BarredCard';
import { useJob } from '../job/JobProvider';
import { NoSuchCard } from '../job/NoSuchCard';
import { Barring } from '../valves/Barring';
import { Setting } from '../valves/Setting';
import { ValvesDone } from '../valves/ValvesDone';
import { BeginRecheck } from './BeginRecheck';

/** The gaps again, hot: because the sheet has only a hot figure, the cold setting was provisional. */
export function RecheckCard() {
  const { sheet, state, tray } = useJob();
  const entry = tray.find((c) => c.card === 'recheck');
  if (!entry) return <NoSuchCard card="recheck" />;
  if (entry.status === 'barred') return <BarredCard entry={entry} />;
  const view = overheadView(sheet, state.valves, state.crank, 'hot');
  if (!view) return null;
  if (entry.status === 'waiting') return <BeginRecheck view={view} />;
  if (!view.next) return <ValvesDone card="recheck" view={view} />;
  return view.barDeg === 0 && !state.crank.overshot ? (
    <Setting card="recheck" view={view} phase="hot" />
  ) : (
    <Barring card="recheck" view={view} />
  );
}
