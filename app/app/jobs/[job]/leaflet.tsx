import { useLocalSearchParams } from 'expo-router';
import { LazyLayerEntry } from '../../../features/lazy/LazyScreens';

export default function LeafletRoute() {
  const { kind } = useLocalSearchParams<{ kind?: string }>();
  const asked = kind === 'deviation' ? kind : 'leaflet';
  return <LazyLayerEntry key={asked} kind={asked} />;
}
