import { useLocalSearchParams } from 'expo-router';
import { LazyLayerEntry } from '../../../features/sheets/LazySheets';

export default function LeafletRoute() {
  const { kind } = useLocalSearchParams<{ kind?: string }>();
  return <LazyLayerEntry kind={kind === 'deviation' ? 'deviation' : 'leaflet'} />;
}
