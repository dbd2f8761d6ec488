import { useLocalSearchParams } from 'expo-router';
import { LazyChecksCard } from '../../../features/cards/LazyCards';

export default function Shells() {
  const { check } = useLocalSearchParams<{ check?: string }>();
  return <LazyChecksCard card="shells" check={check} />;
}
