import type { RunView } from '@cardinex/core/job/run/views';
import type { Prepared } from '@cardinex/core/job/facts/runs';
import type { ReactNode } from 'react';
import { runCard } from '@cardinex/core/job/run/runCard';
import { numberOf } from '@cardinex/core/job/run/runView';
import { stripWords as strip } from '@cardinex/words/cards/strip';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { BackOfCard } from '../job/BackOfCard';
import { HeldNotice } from '../checks/HeldNotice';
import { useHolds } from '../checks/useHolds';
import { useJob } from '../job/JobProvider';
import { CardFrame } from '../job/CardFrame';
import { Ends } from './run/Ends';
import { JackFacts, NutTravel } from './run/JackFacts';
import { LastPull } from './run/LastPull';
import { LeftNotice } from './run/LeftNotice';
import { LookedBack } from './run/LookedBack';
import { RunFigures } from './run/RunFigures';
import { RunMap } from './run/RunMap';
import { RunReadings } from './run/RunReadings';
import { RunSlip } from './run/RunSlip';
import { useRun, type RunInHandNow } from './run/useRun';
import { WaitNotice } from './run/Waiting';
import { WrenchRow } from './run/WrenchRow';
import { TightenBack } from './TightenBack';

interface Props {
  readonly view: RunView;
  /** Null where nothing is set or treated: bolts are only let go. */
  readonly prepared: Prepared | null;
  readonly instances: ReactNode;
  /** At the foot of the card, below everything else. */
  readonly foot?: ReactNode;
  readonly onChangeWrench: () => void;
}

/** One pull at a time: bolt, value, one large button. */
export function TightenRun({ view, prepared, instances, foot, onChangeWrench }: Props) {
  const { sheet } = useJob();
  const run = useRun({ view, prepared, onChangeWrench });
  const held = useHolds(run?.bolt.act.kind === 'turn-crank', 'of-the-programme');
  if (!run) return null;
  const { bolt, number, slackens, past } = run;
  return (
    <CardFrame
      {...runCard(view.name, sheet)}
      title={titleOf(run)}
      aside={countsOf(run)}
      back={slackens ? <BackOfCard says={strip.back} /> : <TightenBack view={view} />}
      foot={<LastPull view={view} />}
      acts={run.acts}
      past={
        past && {
          title: w.lookingBack(numberOf(view, past.at.bolt)),
          content: <LookedBack view={view} at={past.at} />,
          backTo: w.backToBolt(number),
          onReturn: past.back,
          onFurther: past.further,
        }
      }
      slip={
        run.slip && (
          <RunSlip
            slip={run.slip}
            view={view}
            bolt={bolt}
            number={number}
            prepared={prepared}
            onSeveral={run.tellSeveral}
            onClose={run.closeSlip}
          />
        )
      }
    >
      {instances}
      {held ? <HeldNotice by={held} /> : null}
      <LeftNotice run={run} />
      <NutTravel view={view} />
      <RunMap run={run} />
      <RunFigures run={run} />
      <RunReadings run={run} />
      {view.waitUntil !== null && run.leftMs !== null ? (
        <WaitNotice until={view.waitUntil} leftMs={run.leftMs} />
      ) : null}
      <Ends view={view} bolt={bolt} end={run.end} />
      {bolt.act.kind === 'hydraulic' && bolt.act.bar !== undefined && !slackens ? (
        <JackFacts view={view} bar={bolt.act.bar} />
      ) : null}
      {slackens ? null : (
        <WrenchRow
          view={view}
          bolt={bolt}
          prepared={prepared}
          setNm={run.setNm}
          onChange={onChangeWrench}
        />
      )}
      {foot}
    </CardFrame>
  );
}

function titleOf({ view, slackens, stageNumber }: RunInHandNow): string {
  return slackens ? strip.slackenTitle(view.set.name) : w.stageOf(stageNumber, view.stages.length);
}

function countsOf({ view, stage }: RunInHandNow): string {
  const { bolts } = stage;
  const done = bolts.filter((b) => b.status === 'done').length;
  if (!view.sweeping) return w.counts(done, bolts.length - done);
  const toSweep = bolts.filter((b) => b.status === 'sweep').length;
  return w.sweepCounts(toSweep, bolts.length - done - toSweep);
}
