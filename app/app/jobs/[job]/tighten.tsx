import { useLocalSearchParams } from 'expo-router';
import { TightenCard } from '../../../features/tighten/TightenCard';

export default function Tighten() {
  const { set } = useLocalSearchParams<{ set?: string }>();
  return <TightenCard key={set ?? ''} set={set} />;
}
