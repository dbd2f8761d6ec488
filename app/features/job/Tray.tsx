import { ScrollView, View } from 'react-native';
import { trayWords } from '@cardinex/words/en/screens';
import { Body, Small } from '../../ui/Words';
import { JobHeader } from './JobHeader';
import { JobNotices } from './JobNotices';
import { TrayList } from './TrayList';
import { useJob } from './JobProvider';

/** A job's tray: its cards, and why the engine is here. */
export function Tray() {
  const { state } = useJob();
  return (
    <View role="main" className="mx-auto h-full w-full max-w-[640px] bg-bench">
      <JobHeader card={null} />
      <ScrollView className="flex-1" contentContainerClassName="gap-3 px-2.5 pb-4">
        <View className="rounded-lg border border-bench-edge px-3 py-2">
          <Small className="text-bench-soft">{trayWords.why}</Small>
          <Body className="text-on-bench">{state.opened?.why ?? ''}</Body>
        </View>
        <TrayList card={null} />
        <JobNotices />
      </ScrollView>
    </View>
  );
}
