import { useState, type ReactElement, type ReactNode } from 'react';
import type { OffStep } from '@cardinex/core/job/cards/strip/view';
import { isBegun } from '@cardinex/core/job/run/runView';
import { runKey } from '@cardinex/core/job/run/runKey';
import { useJob } from '../job/JobProvider';
import { TightenRun } from '../tighten/TightenRun';
import { HydraulicsCaution } from './HydraulicsCaution';

interface Slackening {
  /** Goes on to the bolts of a run, by its key. */
  readonly onSlacken: (run: string) => void;
  /** The bolts in hand, once they are gone on to or begun; what to know about jacks first. Null while they are not. */
  readonly screenOf: (step: OffStep) => ReactElement | null;
}

/**
 * How bolts are let go on a card that takes pieces off.
 * @param foot at the foot of the card while they are
 */
export function useSlackening(card: 'strip' | 'bearings', foot?: ReactNode): Slackening {
  const { state } = useJob();
  const [asked, setAsked] = useState<string | null>(null);
  return {
    onSlacken: setAsked,
    screenOf: (step) => {
      if (step.kind !== 'slacken') return null;
      const { run } = step;
      const key = runKey(run.name);
      if (asked !== key && !isBegun(state.runs, run.name)) return null;
      const byJacks = run.stages.some(({ stage }) => stage.kind === 'hydraulic');
      if (byJacks && !state.cautions.hydraulics)
        return <HydraulicsCaution card={card} set={run.set.name} />;
      return (
        <TightenRun
          key={key}
          view={run}
          prepared={null}
          instances={null}
          foot={foot}
          onChangeWrench={() => undefined}
        />
      );
    },
  };
}
