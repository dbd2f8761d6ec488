import { useState } from 'react';
import { numberOf } from '@cardinex/core/job/cards/tighten';
import { currentRun, entryOf, runsOf } from '@cardinex/core/job/tray';
import { BarredCard } from '../job/BarredCard';
import { useJob } from '../job/JobProvider';
import { Contested } from './Contested';
import { Instances } from './Instances';
import { Prepare } from './Prepare';
import { RunDone } from './RunDone';
import { TightenRun } from './TightenRun';

/** One set's tightening: prepared, pulled stage by stage, closed; instance by instance. */
export function TightenCard({ set }: { set: string | undefined }) {
  const { sheet, state, tray, now } = useJob();
  const [instance, setInstance] = useState<string | null>(null);
  // Which preparation is being changed: over as soon as there is a newer one.
  const [changing, setChanging] = useState<string | null>(null);
  const entry = entryOf(tray, { card: 'tighten', set });
  if (!entry) return null;
  if (entry.status === 'barred' || !entry.set) return <BarredCard entry={entry} />;
  const runs = runsOf(sheet, state, entry.set.id, now);
  const view = runs.find((run) => run.name.instance === instance) ?? currentRun(runs);
  if (!view) return null;
  const { current, run } = view;
  const instances = <Instances runs={runs} chosen={view} onChoose={setInstance} />;
  if (!current) return <RunDone view={view} instances={instances} />;
  if (!run.prepared || changing === run.prepared.actId) {
    return (
      <Prepare
        key={view.name.instance}
        view={view}
        instances={instances}
        onCancel={run.prepared ? () => setChanging(null) : undefined}
      />
    );
  }
  const contested = current.bolts.find((bolt) => bolt.status === 'contested');
  if (contested)
    return <Contested view={view} bolt={contested} number={numberOf(view, contested)} />;
  return (
    <TightenRun
      key={view.name.instance}
      view={view}
      instances={instances}
      prepared={run.prepared}
      onChangeWrench={() => setChanging(run.prepared?.actId ?? null)}
    />
  );
}
