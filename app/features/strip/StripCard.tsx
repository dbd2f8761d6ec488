import { useState } from 'react';
import type { ActType } from '@cardinex/core/job/act';
import { actsOf } from '@cardinex/core/job/actsOf';
import { oldBoltsOf, partedOf, stripRuns } from '@cardinex/core/job/cards/strip/view';
import { runDone } from '@cardinex/core/job/run/runView';
import { stripWords as w } from '@cardinex/words/cards/strip';
import { FootMark } from '../job/FootMark';
import { CardFrame } from '../job/CardFrame';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useEntry } from '../job/useEntry';
import { Instances } from '../tighten/Instances';
import { TightenRun } from '../tighten/TightenRun';
import { HydraulicsCaution } from './HydraulicsCaution';
import { OldBolts } from './OldBolts';
import { TakenOff } from './TakenOff';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  ...actsOf('runs', 'oldBolts'),
  'check.seen',
]);

/** Bolts let go in reverse, set by set; then what comes off, and the old bolts counted. */
export function StripCard() {
  const { sheet, state, now } = useJob();
  const [instance, setInstance] = useState<string | null>(null);
  const { entry, blockedScreen } = useEntry({ card: 'strip' });
  const done = entry?.status === 'done';
  const { frame } = useCard({ card: 'strip', acts: OWN_ACTS, says: w.back, done });
  if (blockedScreen) return blockedScreen;
  const runs = stripRuns(sheet, state, now);
  const first = runs.find((run) => !runDone(run));
  if (first) {
    const ofSet = runs.filter(({ set }) => set.id === first.set.id);
    const view = ofSet.find((run) => run.name.instance === instance && !runDone(run)) ?? first;
    const byJacks = view.stages.some(({ stage }) => stage.kind === 'hydraulic');
    if (byJacks && !state.cautions.hydraulics) return <HydraulicsCaution set={view.set.name} />;
    return (
      <TightenRun
        key={`${view.set.id}/${view.name.instance}`}
        view={view}
        prepared={null}
        instances={<Instances runs={ofSet} chosen={view} onChoose={setInstance} />}
        foot={<LeaveOut card="strip" />}
        onChangeWrench={() => undefined}
      />
    );
  }
  return (
    <CardFrame {...frame} foot={done ? <FootMark kind="within" word={w.done} /> : null}>
      <TakenOff parts={partedOf(sheet, state)} />
      <OldBolts bolts={oldBoltsOf(sheet)} />
      <LeaveOut card="strip" />
    </CardFrame>
  );
}
