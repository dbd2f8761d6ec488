import { useLocalSearchParams } from 'expo-router';
import { LazyChecksCard } from '../../../features/cards/LazyCards';

export default function Inspect() {
  const { check } = useLocalSearchParams<{ check?: string }>();
  return <LazyChecksCard card="inspect" check={check} />;
}
