import { useLocalSearchParams } from 'expo-router';
import { LazyDraft } from '../../../features/lazy/LazyScreens';
import { AtBench } from '../../../session/AtBench';

export default function DraftScreen() {
  const { draft, step, at } = useLocalSearchParams<{ draft: string; step?: string; at?: string }>();
  return (
    <AtBench>
      <LazyDraft id={draft} step={step} at={at} />
    </AtBench>
  );
}
