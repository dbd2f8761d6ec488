import { useLocalSearchParams } from 'expo-router';
import { NewJob } from '../../features/new-job/NewJob';
import { AtBench } from '../../session/AtBench';

export default function NewJobScreen() {
  const { sheet } = useLocalSearchParams<{ sheet?: string }>();
  return (
    <AtBench>
      <NewJob sheetId={sheet} />
    </AtBench>
  );
}
