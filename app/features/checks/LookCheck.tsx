import { useState } from 'react';
import { phasesOf, rowLeft } from '@cardinex/core/job/checks/handling';
import { isTaken, type CheckView } from '@cardinex/core/job/checks/view';
import { useJob } from '../job/JobProvider';
import { OneByOne } from './OneByOne';
import { RowCheck } from './RowCheck';

/** Something looked over: its handling by the row, whatever is felt, tried or faces one way one by one. */
export function LookCheck({ view }: { readonly view: CheckView }) {
  const { state } = useJob();
  const [picked, setPicked] = useState<number | null>(null);
  const [single, setSingle] = useState(false);
  const { check } = view;
  const phases = phasesOf(check);
  const phaseAt = (step: string): number => phases.findIndex(({ steps }) => steps.includes(step));
  const open = phases.findIndex(({ steps }) =>
    check.items.some((item) => steps.some((step) => !isTaken(state.checks, check, item, step))),
  );
  const phase = phases[picked ?? open];
  const items = phase ? rowLeft(check, state.checks, phase) : [];
  if (phase && items.length > 0 && !single)
    return (
      <RowCheck
        key={phase.steps.join()}
        view={view}
        phase={phase}
        items={items}
        onSingle={() => setSingle(true)}
        onStep={(step) => setPicked(phaseAt(step))}
      />
    );
  return (
    <OneByOne
      view={view}
      onStep={(step) => {
        const chosen = phases[phaseAt(step)];
        if (single || !chosen || rowLeft(check, state.checks, chosen).length === 0) return false;
        setPicked(phaseAt(step));
        return true;
      }}
    />
  );
}
