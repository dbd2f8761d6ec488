import { useLocalSearchParams } from 'expo-router';
import { LazyChecksCard } from '../../../features/cards/LazyCards';

export default function Bores() {
  const { check } = useLocalSearchParams<{ check?: string }>();
  return <LazyChecksCard card="bores" check={check} />;
}
