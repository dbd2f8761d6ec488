import { useLocalSearchParams } from 'expo-router';
import { LazyNewJob } from '../../features/lazy/LazyScreens';
import { AtBench } from '../../session/AtBench';

export default function NewJobScreen() {
  const { sheet } = useLocalSearchParams<{ sheet?: string }>();
  return (
    <AtBench>
      <LazyNewJob sheetId={sheet} />
    </AtBench>
  );
}
