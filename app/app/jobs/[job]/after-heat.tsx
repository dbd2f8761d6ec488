import { useLocalSearchParams } from 'expo-router';
import { LazyAfterHeatCard } from '../../../features/cards/LazyCards';

export default function AfterHeat() {
  const { set } = useLocalSearchParams<{ set?: string }>();
  return <LazyAfterHeatCard key={set ?? ''} set={set} />;
}
