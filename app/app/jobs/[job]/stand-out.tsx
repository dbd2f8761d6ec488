import { useLocalSearchParams } from 'expo-router';
import { LazyStandOutCard } from '../../../features/cards/LazyCards';

export default function StandOut() {
  const { check } = useLocalSearchParams<{ check?: string }>();
  return <LazyStandOutCard check={check} />;
}
