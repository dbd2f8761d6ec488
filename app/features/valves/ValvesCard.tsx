import { overheadView } from '@cardinex/core/job/cards/valves';
import { BarredCard } from '../job/BarredCard';
import { useJob } from '../job/JobProvider';
import { Barring } from './Barring';
import { GapSetting } from './GapSetting';
import { ValvesDone } from './ValvesDone';

/** The gaps, cold: bar to a position, prove it, set what may be set there, go on. */
export function ValvesCard() {
  const { sheet, state, tray } = useJob();
  const entry = tray.find((c) => c.card === 'valves');
  if (!entry) return null;
  if (entry.status === 'barred') return <BarredCard entry={entry} />;
  const view = overheadView(sheet, state.valves, state.crank, 'cold');
  if (!view) return null;
  if (!view.next) return <ValvesDone card="valves" view={view} />;
  return view.barDeg === 0 ? (
    <GapSetting card="valves" view={view} phase="cold" />
  ) : (
    <Barring card="valves" view={view} />
  );
}
