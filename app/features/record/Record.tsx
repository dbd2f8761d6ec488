import { useShopTime } from '../../session/useShopTime';
import { router } from 'expo-router';
import { useState } from 'react';
import { Text, View } from 'react-native';
import type { LoggedAct } from '@cardinex/core/job/act';
import { readingsWords } from '@cardinex/words/readings';
import { recordWords as w, shared } from '@cardinex/words/screens';
import { useBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { StretchOfRecord } from './StretchOfRecord';
import { byCard } from './byCard';
import { StrikeSlip } from './StrikeSlip';
import { downloadRecord } from './downloadRecord';
import { useNewest } from './useNewest';
import { BarRow } from '../../ui/BarRow';

/** Everything done on the job, with who and when; corrections struck through beside the right figure. */
export function Record() {
  const { jobId, sheet, state, log, tray } = useJob();
  const { session } = useBench();
  const [striking, setStriking] = useState<LoggedAct | null>(null);
  const [unreachable, setUnreachable] = useState(false);
  const recheck = tray.find((card) => card.card === 'recheck' && card.status !== 'done');
  const all = log.acts.filter((act) => act.type !== 'struck');
  const { acts, earlier, showEarlier, onPaper } = useNewest(all);
  const download = (): void => void downloadRecord(jobId).then((got) => setUnreachable(!got));
  const { longDay } = useShopTime();
  const days = byDay(acts, longDay);
  return (
    <CardFrame
      card="record"
      title={w.title}
      aside={`${sheet.name} · ${shared.sheetRevision(sheet.revision)}`}
      actBar={
        <BarRow>
          <Button
            label={w.print}
            kind="bench"
            tall
            onPress={() => window.print()}
            className="flex-1"
          />
          <Button
            label={w.download}
            kind="expected"
            tall
            onPress={download}
            className="min-w-[8rem] flex-[2]"
          />
        </BarRow>
      }
      foot={unreachable ? <Small className="py-2 text-bench-soft">{shared.away}</Small> : null}
      slip={striking ? <StrikeSlip act={striking} onClose={() => setStriking(null)} /> : null}
    >
      <View className="gap-2 p-3.5">
        <View className="gap-0.5">
          <Heading level={2} className="text-large">
            {state.opened?.name ?? ''}
          </Heading>
          <Body>
            {w.serial} {state.opened?.serial ?? ''} · {shared.cylinder1(sheet.cylinder1End)}
          </Body>
          <Small>{session.shop.name}</Small>
          <Body>{state.opened?.why ?? ''}</Body>
        </View>
        <View className="border-t border-rule pt-2" testID="rechecks">
          <Heading level={3}>{w.rechecks}</Heading>
          {recheck ? <Mark kind="waiting" word={w.recheckValves} /> : <Small>{w.noRechecks}</Small>}
        </View>
        <Button
          label={readingsWords.open}
          onPress={() => router.push(`/jobs/${jobId}/readings`)}
          className="no-print"
        />
        {earlier > 0 ? (
          <Button label={w.earlier(earlier)} onPress={showEarlier} className="no-print" />
        ) : null}
        {days.map(([day, ofDay]) => (
          <View key={day} className="border-t border-rule pt-2">
            <Text className="font-label text-note text-soft">{day}</Text>
            {byCard(ofDay, sheet).map((stretch) => (
              <StretchOfRecord
                key={stretch.acts[0]?.id}
                stretch={stretch}
                unfolded={onPaper || stretch.acts.at(-1) === acts.at(-1)}
                onStrike={setStriking}
              />
            ))}
          </View>
        ))}
        <Small>{w.checkable}</Small>
      </View>
    </CardFrame>
  );
}

function byDay(
  acts: readonly LoggedAct[],
  dayOf: (iso: string) => string,
): [string, LoggedAct[]][] {
  const days = new Map<string, LoggedAct[]>();
  for (const act of acts) {
    const day = dayOf(act.at);
    days.set(day, [...(days.get(day) ?? []), act]);
  }
  return [...days];
}
