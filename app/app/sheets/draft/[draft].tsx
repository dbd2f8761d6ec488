import { useLocalSearchParams } from 'expo-router';
import { LazyDraft } from '../../../features/sheets/LazySheets';

export default function DraftScreen() {
  const { draft, step } = useLocalSearchParams<{ draft: string; step?: string }>();
  return <LazyDraft id={draft} step={step} />;
}
