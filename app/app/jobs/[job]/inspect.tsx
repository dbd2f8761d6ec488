import { useLocalSearchParams } from 'expo-router';
import { LazyInspectCard } from '../../../features/intake/LazyIntake';

export default function Inspect() {
  const { check } = useLocalSearchParams<{ check?: string }>();
  return <LazyInspectCard check={check} />;
}
