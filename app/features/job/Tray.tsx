import { router } from 'expo-router';
import { ScrollView, View } from 'react-native';
import { cribDoubts } from '@cardinex/core/job/crib';
import { waitingDecisions } from '@cardinex/core/job/pending';
import { parkingWords } from '@cardinex/words/parking';
import { cribSentence } from '@cardinex/words/crib';
import { causeName, scopeTitle, scopeWords, undisturbed } from '@cardinex/words/scope';
import { trayWords } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { GoTo } from '../../ui/GoTo';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { PendingOfJob } from './PendingDecision';
import { Parked } from '../park/Parked';
import { JobHeader } from './JobHeader';
import { JobNotices } from './JobNotices';
import { TrayList } from './TrayList';
import { useJob } from './JobProvider';

/** Pulled with a wrench that the crib does not have as was said: put right there, or struck. */
function CribDoubts() {
  const { state } = useJob();
  return (
    <GoTo href="/tools" className="min-h-[56px] justify-center rounded-lg bg-card px-3.5 py-2">
      <Mark kind="out" word={cribSentence(cribDoubts(state))} />
    </GoTo>
  );
}

/** A job's tray: its cards, and why the engine is here. */
export function Tray() {
  const { jobId, sheet, state } = useJob();
  const because = state.opened?.because;
  return (
    <View role="main" className="mx-auto h-full w-full max-w-[640px] bg-bench">
      <JobHeader card={null} />
      <ScrollView className="flex-1" contentContainerClassName="gap-3 px-2.5 pb-4">
        <View className="rounded-lg border border-bench-edge px-3 py-2">
          <Small className="text-bench-soft">{trayWords.why}</Small>
          <Body className="text-on-bench">
            {[because && causeName(because), state.opened?.why].filter(Boolean).join('. ')}
          </Body>
          <Small className="pt-1 text-bench-soft">
            {`${scopeTitle(sheet.scope)}. ${undisturbed(sheet)}`}
          </Small>
        </View>
        {Object.keys(state.crib).length > 0 ? <CribDoubts /> : null}
        {waitingDecisions(state).length > 0 ? <PendingOfJob /> : null}
        {state.parked ? <Parked parking={state.parked} /> : null}
        <TrayList card={null} />
        <View className="flex-row gap-3">
          <Button
            label={scopeWords.widen}
            kind="bench"
            onPress={() => router.push(`/jobs/${jobId}/scope`)}
            className="flex-1"
          />
          {state.parked ? null : (
            <Button
              label={parkingWords.park}
              kind="bench"
              onPress={() => router.push(`/jobs/${jobId}/park`)}
              className="flex-1"
            />
          )}
        </View>
        <JobNotices />
      </ScrollView>
    </View>
  );
}
