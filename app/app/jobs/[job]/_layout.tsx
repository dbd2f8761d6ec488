import { Slot, useLocalSearchParams } from 'expo-router';
import { JobProvider } from '../../../features/job/JobProvider';
import { AtBench } from '../../../session/AtBench';

export default function JobLayout() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return (
    <AtBench>
      <JobProvider jobId={job} key={job}>
        <Slot />
      </JobProvider>
    </AtBench>
  );
}
