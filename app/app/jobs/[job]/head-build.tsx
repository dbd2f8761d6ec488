import { useLocalSearchParams } from 'expo-router';
import { LazyChecksCard } from '../../../features/cards/LazyCards';

export default function HeadBuild() {
  const { check } = useLocalSearchParams<{ check?: string }>();
  return <LazyChecksCard card="head-build" check={check} />;
}
