import { LazyNewTool } from '../../features/lazy/LazyScreens';
import { AtBench } from '../../session/AtBench';

export default function NewToolScreen() {
  return (
    <AtBench>
      <LazyNewTool />
    </AtBench>
  );
}
