import { useLocalSearchParams } from 'expo-router';
import { LazyTimingCard } from '../../../features/cards/LazyCards';

export default function Timing() {
  const { check } = useLocalSearchParams<{ check?: string }>();
  return <LazyTimingCard check={check} />;
}
