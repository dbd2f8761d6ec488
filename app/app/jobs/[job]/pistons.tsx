import { useLocalSearchParams } from 'expo-router';
import { LazyChecksCard } from '../../../features/cards/LazyCards';

export default function Pistons() {
  const { check } = useLocalSearchParams<{ check?: string }>();
  return <LazyChecksCard card="pistons" check={check} />;
}
