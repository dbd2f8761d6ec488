import { useState, type ComponentProps } from 'react';
import { phasesOf, rowLeft } from '@cardinex/core/job/checks/handling';
import { isTaken } from '@cardinex/core/job/checks/view';
import { useJob } from '../job/JobProvider';
import { OneByOne } from './OneByOne';
import { RowCheck } from './RowCheck';
import { useGoOn } from './useGoOn';

type Props = Omit<ComponentProps<typeof OneByOne>, 'onStep'>;

/** Something looked over: its handling by the row, whatever is felt, tried or faces one way one by one. */
export function LookCheck(props: Props) {
  const { view, set, above, more, again, ready = () => true } = props;
  const { state } = useJob();
  useGoOn(view);
  const [picked, setPicked] = useState<number | null>(null);
  const [single, setSingle] = useState(false);
  const { check } = view;
  const phases = phasesOf(check);
  const phaseAt = (step: string): number => phases.findIndex(({ steps }) => steps.includes(step));
  const isLeft = (item: string, step: string): boolean => !isTaken(state.checks, check, item, step);
  const open = phases.findIndex(({ steps }) =>
    check.items.some((item) => ready(item) && steps.some((step) => isLeft(item, step))),
  );
  const leftOf = (phase: (typeof phases)[number] | undefined): readonly string[] =>
    phase ? rowLeft(check, state.checks, phase, ready) : [];
  const phase = phases[picked ?? open];
  const items = leftOf(phase);
  const isAgain = check.items.some((item) =>
    check.places.some((place) => again?.({ item, place })),
  );
  if (phase && items.length > 0 && !single && !isAgain)
    return (
      <RowCheck
        key={phase.steps.join()}
        view={view}
        {...(set !== undefined && { set })}
        above={above}
        more={more}
        phase={phase}
        items={items}
        onSingle={() => setSingle(true)}
        onStep={(step) => setPicked(phaseAt(step))}
      />
    );
  return (
    <OneByOne
      {...props}
      onStep={(step) => {
        if (single || leftOf(phases[phaseAt(step)]).length === 0) return false;
        setPicked(phaseAt(step));
        return true;
      }}
    />
  );
}
