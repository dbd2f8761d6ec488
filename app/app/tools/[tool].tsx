import { useLocalSearchParams } from 'expo-router';
import { LazyToolPage } from '../../features/crib/LazyCrib';

export default function ToolScreen() {
  const { tool } = useLocalSearchParams<{ tool: string }>();
  return <LazyToolPage id={tool} />;
}
