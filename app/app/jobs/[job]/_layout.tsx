import { Slot, useLocalSearchParams } from 'expo-router';
import { LazyJobProvider } from '../../../features/lazy/LazyScreens';
import { AtBench } from '../../../session/AtBench';

export default function JobLayout() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return (
    <AtBench>
      <LazyJobProvider jobId={job} key={job}>
        <Slot />
      </LazyJobProvider>
    </AtBench>
  );
}
