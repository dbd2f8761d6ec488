import { useLocalSearchParams } from 'expo-router';
import { LazyDraft } from '../../../features/sheets/LazySheets';

export default function DraftScreen() {
  const { draft, step, at } = useLocalSearchParams<{ draft: string; step?: string; at?: string }>();
  return <LazyDraft id={draft} step={step} at={at} />;
}
