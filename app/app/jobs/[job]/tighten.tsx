import { useLocalSearchParams } from 'expo-router';
import { LazyTightenCard } from '../../../features/cards/LazyCards';

export default function Tighten() {
  const { set } = useLocalSearchParams<{ set?: string }>();
  return <LazyTightenCard key={set ?? ''} set={set} />;
}
