import { useState } from 'react';
import { numberOf } from '@cardinex/core/job/cards/tighten';
import { headRun } from '@cardinex/core/job/tray';
import { BarredCard } from '../job/BarredCard';
import { useJob } from '../job/JobProvider';
import { Contested } from './Contested';
import { Prepare } from './Prepare';
import { RunDone } from './RunDone';
import { TightenRun } from './TightenRun';

/** The head's tightening: prepared, pulled stage by stage, closed. */
export function TightenCard() {
  const { sheet, state, tray, now } = useJob();
  // Which preparation is being changed: over as soon as there is a newer one.
  const [changing, setChanging] = useState<string | null>(null);
  const view = headRun(sheet, state, now);
  const entry = tray.find((c) => c.card === 'tighten');
  if (!view || !entry) return null;
  if (entry.status === 'barred') return <BarredCard entry={entry} />;
  const { current, run } = view;
  if (!current) return <RunDone view={view} />;
  if (!run.prepared || changing === run.prepared.at) {
    return <Prepare view={view} onCancel={run.prepared ? () => setChanging(null) : undefined} />;
  }
  const contested = current.bolts.find((bolt) => bolt.status === 'contested');
  if (contested)
    return <Contested view={view} bolt={contested} number={numberOf(view, contested)} />;
  return (
    <TightenRun
      view={view}
      prepared={run.prepared}
      onChangeWrench={() => setChanging(run.prepared?.at ?? null)}
    />
  );
}
