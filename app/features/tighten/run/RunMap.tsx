import type { Side } from '@cardinex/core/job/facts/run';
import { View } from 'react-native';
import { numberOf } from '@cardinex/core/job/run/runView';
import { treatmentsOf } from '@cardinex/core/sheet/treatmentOf';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { treatmentsSaid } from '@cardinex/words/treatments';
import { Small } from '../../../ui/Words';
import { EndMark } from '../../job/EndMark';
import { useJob } from '../../job/JobProvider';
import { HeadMap } from '../HeadMap';
import { TreatmentKey } from '../TreatmentKey';
import type { RunInHandNow } from './useRun';

/** Of one that is on at one end, the end that is waited for. */
function otherEnd([done]: readonly Side[]): Side | undefined {
  return done && (done === 'near' ? 'far' : 'near');
}

/** Where the bolts of the stage stand, and how far each is. */
export function RunMap({ run }: { run: RunInHandNow }) {
  const { sheet } = useJob();
  const { view, stage, bolt, number, following, slackens, choose } = run;
  const done = stage.bolts.filter((b) => b.status === 'done').map((b) => numberOf(view, b));
  const label = [w.mapLabel(done, number), slackens ? '' : treatmentsSaid(view.set)];
  return (
    <View className="px-3 pt-2">
      <View className="flex-row items-center justify-between gap-3 pb-1">
        <EndMark end={sheet.cylinder1End} />
        <Small className="shrink text-right">{view.set.map.seenFrom}</Small>
      </View>
      <HeadMap
        set={view.set}
        bolts={stage.bolts.map((b) => ({
          id: b.act.fastener,
          status: b.status,
          sides: b.sides,
        }))}
        currentId={bolt.act.fastener}
        currentEnd={run.end ?? otherEnd(bolt.sides)}
        nextId={following?.act.fastener ?? null}
        label={label.filter(Boolean).join(' ')}
        onPress={choose}
        {...(!slackens && { treatments: treatmentsOf(view.set) })}
      />
      {slackens ? null : <TreatmentKey set={view.set} />}
    </View>
  );
}
