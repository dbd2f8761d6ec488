import { useLocalSearchParams } from 'expo-router';
import { LazyLayerEntry } from '../../../features/job-sheet/LazyJobSheet';

export default function LeafletRoute() {
  const { kind } = useLocalSearchParams<{ kind?: string }>();
  return <LazyLayerEntry kind={kind === 'deviation' ? 'deviation' : 'leaflet'} />;
}
