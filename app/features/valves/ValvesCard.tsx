import { overheadView } from '@cardinex/core/job/cards/valves/view';
import { useJob } from '../job/JobProvider';
import { useEntry } from '../job/useEntry';
import { Barring } from './barring/Barring';
import { CoverBetween } from './CoverBetween';
import { Setting } from './Setting';
import { ShimsBetween } from './shims/ShimsBetween';
import { TurnAgain } from './barring/TurnAgain';
import { ValvesDone } from './ValvesDone';

/** All of the overhead, cold: bar to a position, prove it, set what may be set there, go on. */
export function ValvesCard() {
  const { sheet, state } = useJob();
  const { blockedScreen } = useEntry({ card: 'valves' });
  if (blockedScreen) return blockedScreen;
  const view = overheadView(sheet, state.valves, state.crank, 'cold');
  if (!view) return null;
  if (view.coverNext) return <CoverBetween card="valves" view={view} cover={view.coverNext} />;
  if (view.shims) return <ShimsBetween card="valves" view={view} shims={view.shims} />;
  if (view.again === 'due') return <TurnAgain view={view} />;
  if (!view.next) return <ValvesDone card="valves" view={view} />;
  return view.barDeg === 0 && !state.crank.overshot ? (
    <Setting card="valves" view={view} phase="cold" />
  ) : (
    <Barring card="valves" view={view} />
  );
}
