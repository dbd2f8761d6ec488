import { useLocalSearchParams } from 'expo-router';
import { LazyToolPage } from '../../features/lazy/LazyScreens';
import { AtBench } from '../../session/AtBench';

export default function ToolScreen() {
  const { tool } = useLocalSearchParams<{ tool: string }>();
  return (
    <AtBench>
      <LazyToolPage key={tool} id={tool} />
    </AtBench>
  );
}
