import { overheadView } from '@cardinex/core/job/cards/valves/view';
import { useJob } from '../job/JobProvider';
import { useEntry } from '../job/useEntry';
import { Barring } from '../valves/barring/Barring';
import { Setting } from '../valves/Setting';
import { ValvesDone } from '../valves/ValvesDone';
import { BeginRecheck } from './BeginRecheck';

/** The gaps again, hot: because the sheet has only a hot figure, the cold setting was provisional. */
export function RecheckCard() {
  const { sheet, state } = useJob();
  const { entry, blockedScreen } = useEntry({ card: 'recheck' });
  if (blockedScreen) return blockedScreen;
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
