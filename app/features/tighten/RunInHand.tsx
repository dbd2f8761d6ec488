import type { RunView } from '@cardinex/core/job/run/views';
import { useState } from 'react';
import { coveringView } from '@cardinex/core/job/cards/tighten/covering';
import { runToWorkOn } from '@cardinex/core/job/cards/tighten/inPlace';
import { cardOfRun } from '@cardinex/core/job/run/runKey';
import { numberOf } from '@cardinex/core/job/run/runView';
import { stageToSet } from '@cardinex/core/job/run/stageSet';
import { isByTwo, isPrepared, preparedFor } from '@cardinex/core/job/run/preparedFor';
import { Covering } from '../covering/Covering';
import { usePreferences } from '../../device/preferences';
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
  const { end } = usePreferences();
  const [instance, setInstance] = useState<string | null>(null);
  // Which preparation is being changed: over as soon as there is a newer one.
  const [changing, setChanging] = useState<string | null>(null);
  const view =
    runs.find((run) => run.name.instance === instance) ?? runToWorkOn(sheet, state, runs);
  if (!view) return null;
  const { current, run } = view;
  const instances = <Instances runs={runs} chosen={view} onChoose={setInstance} />;
  if (view.turn) return <TurnByHand view={view} turn={view.turn} instances={instances} />;
  if (!current) return <RunDone view={view} instances={instances} />;
  const byTwo = isByTwo(view);
  // Of two who pull together each has a wrench, a setting and a check of their own.
  const side = byTwo && end !== 'both' ? end : undefined;
  const prepared = byTwo ? (run.prepared[end] ?? null) : preparedFor(run, undefined);
  const goesOn = cardOfRun(view.name) === 'tighten' && !isPrepared(run);
  const covering = goesOn ? coveringView(sheet, state, view.name, now) : null;
  if (covering?.next) {
    return <Covering view={covering} set={view.set.id} instances={instances} />;
  }
  if (!prepared || changing === prepared.actId) {
    return (
      <Prepare
        key={`${view.name.instance}/${side ?? ''}`}
        view={view}
        instances={instances}
        onCancel={prepared ? () => setChanging(null) : undefined}
      />
    );
  }
  const contested = current.bolts.find((bolt) => bolt.status === 'contested');
  if (contested)
    return <Contested view={view} bolt={contested} number={numberOf(view, contested)} />;
  const toSet = stageToSet(view, deviceId, side);
  if (toSet) {
    return (
      <StageStop
        view={view}
        asked={toSet}
        side={side}
        prepared={prepared}
        instances={instances}
        onChangeWrench={() => setChanging(prepared.actId)}
      />
    );
  }
  return (
    <TightenRun
      key={view.name.instance}
      view={view}
      instances={instances}
      prepared={prepared}
      onChangeWrench={() => setChanging(prepared.actId)}
    />
  );
}
