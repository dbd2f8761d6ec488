import { useLocalSearchParams } from 'expo-router';
import { LazyChecksCard } from '../../../features/cards/LazyCards';

export default function Crank() {
  const { check } = useLocalSearchParams<{ check?: string }>();
  return <LazyChecksCard card="crank" check={check} />;
}
