import { View } from 'react-native';
import { isSwept, wasLeft } from '@cardinex/core/job/run/runView';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { Mark } from '../../../ui/Mark';
import { Body } from '../../../ui/Words';
import { ago } from '../../board/ago';
import { useJob } from '../../job/JobProvider';
import { TryBelow } from './TryBelow';
import type { RunInHandNow } from './useRun';

/** A stage that was left before it was done: what that asks for, before its next pull. */
export function LeftNotice({ run }: { run: RunInHandNow }) {
  const { now } = useJob();
  const { view, stage, stageNumber, bolt, face } = run;
  const { lastAt } = stage;
  if (!lastAt) return null;
  return (
    <>
      {!isSwept(bolt.act.kind) && wasLeft(stage, now) ? (
        <View className="border-b border-rule bg-tab px-3.5 py-2.5" testID="left">
          <Mark kind="leftOpen" word={w.marksNotTurned(ago(lastAt))} />
          <TryBelow view={view} />
        </View>
      ) : null}
      {view.sweeping ? (
        <View className="gap-1 border-b border-rule bg-tab px-3.5 py-2.5" testID="sweep">
          <Mark kind="leftOpen" word={w.sweepTitle(ago(lastAt))} />
          <Body>{w.sweepWhy(stageNumber, `${face.value} ${face.unit}`.trim())}</Body>
        </View>
      ) : null}
    </>
  );
}
