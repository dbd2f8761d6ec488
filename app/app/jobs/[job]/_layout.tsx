import { Slot, useLocalSearchParams } from 'expo-router';
import { useEffect } from 'react';
import { fetchCards } from '../../../features/cards/LazyCards';
import { JobProvider } from '../../../features/job/JobProvider';
import { AtBench } from '../../../session/AtBench';

export default function JobLayout() {
  const { job } = useLocalSearchParams<{ job: string }>();
  useEffect(fetchCards, []);
  return (
    <AtBench>
      <JobProvider jobId={job} key={job}>
        <Slot />
      </JobProvider>
    </AtBench>
  );
}
