import { useLocalSearchParams } from 'expo-router';
import { LazyMarkCard } from '../../../features/cards/LazyCards';

export default function Mark() {
  const { part } = useLocalSearchParams<{ part?: string }>();
  return <LazyMarkCard key={part ?? ''} part={part} />;
}
