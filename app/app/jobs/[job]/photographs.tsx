import { useLocalSearchParams } from 'expo-router';
import { LazyPhotographsScreen } from '../../../features/lazy/LazyScreens';

export default function Photographs() {
  const { of } = useLocalSearchParams<{ of?: string }>();
  return <LazyPhotographsScreen key={of ?? ''} of={of} />;
}
