import type { RunView } from '@cardinex/core/job/run/views';
import { useState } from 'react';
import { coveringView } from '@cardinex/core/job/cards/tighten/covering';
import { cardOfRun } from '@cardinex/core/job/run/runKey';
import { numberOf } from '@cardinex/core/job/run/runView';
import { stageToSet } from '@cardinex/core/job/run/stageSet';
import { currentRun } from '@cardinex/core/job/run/runsOf';
import { Covering } from '../covering/Covering';
import { useActor } from '../../session/SessionProvider';
import { useJob } from '../job/JobProvider';
import { Contested } from './Contested';
import { Instances } from './Instances';
import { Prepare } from './Prepare';
import { StageStop } from './run/StageStop';
import { RunDone } from './RunDone';
import { TightenRun } from './TightenRun';
import { TurnByHand } from './TurnByHand';

/** The run to work on of a set: put on, prepared, pulled stage by stage, closed; instance by instance. */
export function RunInHand({ runs }: { runs: readonly RunView[] }) {
  const { sheet, state, now } = useJob();
  const { device: deviceId } = useActor();
  const [instance, setInstance] = useState<string | null>(null);
  // Which preparation is being changed: over as soon as there is a newer one.
  const [changing, setChanging] = useState<string | null>(null);
  const view = runs.find((run) => run.name.instance === instance) ?? currentRun(runs);
  if (!view) return null;
  const { current, run } = view;
  const instances = <Instances runs={runs} chosen={view} onChoose={setInstance} />;
  if (view.turn) return <TurnByHand view={view} turn={view.turn} instances={instances} />;
  if (!current) return <RunDone view={view} instances={instances} />;
  const goesOn = cardOfRun(view.name) === 'tighten' && !run.prepared;
  const covering = goesOn ? coveringView(sheet, state, view.name, now) : null;
  if (covering?.next) {
    return <Covering view={covering} set={view.set.id} instances={instances} />;
  }
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
  const toSet = stageToSet(view, deviceId);
  if (toSet) {
    return (
      <StageStop
        view={view}
        asked={toSet}
        prepared={run.prepared}
        instances={instances}
        onChangeWrench={() => setChanging(run.prepared?.actId ?? null)}
      />
    );
  }
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
