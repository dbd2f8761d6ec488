import { router } from 'expo-router';
import { View } from 'react-native';
import type { RunView } from '@cardinex/core/job/cards/tighten';
import { cardTitle } from '@cardinex/words/en/cards/names';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { trayWords } from '@cardinex/words/en/screens';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { HeadMap } from './HeadMap';
import { TightenBack } from './TightenBack';

/** Every stage closed: what each bolt got, and the last act of a run. */
export function RunDone({ view }: { view: RunView }) {
  const { jobId, sheet } = useJob();
  const last = view.stages.at(-1);
  const bolts = last?.bolts ?? [];
  return (
    <CardFrame
      card="tighten"
      title={w.allDone}
      aside={last?.stage.torque.text ?? ''}
      back={<TightenBack view={view} />}
      actBar={
        <Button
          label={trayWords.openCard(cardTitle('valves').toLowerCase())}
          kind="expected"
          tall
          onPress={() => router.replace(`/jobs/${jobId}/valves`)}
        />
      }
    >
      <View className="gap-3 p-3.5">
        <Mark kind="within" word={w.stageDone(view.stages.length)} />
        <Body>{w.allDoneHint}</Body>
        <EndMark end={sheet.cylinder1End} />
        <HeadMap
          set={view.set}
          bolts={bolts.map((b) => ({ id: b.act.fastener, status: b.status }))}
          currentId={null}
          nextId={null}
          label={w.allDone}
        />
      </View>
    </CardFrame>
  );
}
