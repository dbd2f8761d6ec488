import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { RunView } from '@cardinex/core/job/cards/tighten';
import { currentCard } from '@cardinex/core/job/tray';
import { entryTitle } from '@cardinex/words/en/cards/names';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { toolsWords } from '@cardinex/words/en/tools';
import { trayWords } from '@cardinex/words/en/screens';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { entryHref } from '../job/entryHref';
import { HeadMap } from './HeadMap';
import { TightenBack } from './TightenBack';

/** Every stage closed: what each bolt got, and the last act of a run. */
export function RunDone({ view, instances }: { view: RunView; instances: ReactNode }) {
  const { jobId, sheet, tray, record } = useJob();
  const bolts = view.stages.findLast((stage) => 'order' in stage.stage)?.bolts ?? [];
  const next = currentCard(tray);
  const { prepared, letBack } = view.run;
  const toLetBack = prepared?.wrench && !letBack;
  const letItBack = useOnce(() => record('wrench.let-back', { run: view.name }));
  const go = (): void => router.replace(next ? entryHref(jobId, next) : `/jobs/${jobId}/record`);
  return (
    <CardFrame
      card="tighten"
      set={view.set.id}
      title={w.allDone}
      aside={view.set.instances.length > 1 ? view.name.instance : view.set.name}
      back={<TightenBack view={view} />}
      actBar={
        <View className="flex-row gap-3">
          {toLetBack ? (
            <Button
              label={toolsWords.letBack}
              hint={toolsWords.letBackHint}
              kind="expected"
              tall
              onPress={letItBack}
              className="flex-[2]"
            />
          ) : null}
          <Button
            label={
              next ? trayWords.openCard(entryTitle(next, tray).toLowerCase()) : trayWords.record
            }
            kind={toLetBack ? 'bench' : 'expected'}
            tall
            onPress={go}
            className="flex-1"
          />
        </View>
      }
    >
      {instances}
      <View className="gap-3 p-3.5">
        <Mark kind="within" word={w.stageDone(view.stages.length)} />
        <Body>{letBack ? toolsWords.isBack : w.allDoneHint}</Body>
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
