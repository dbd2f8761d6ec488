import { LazyCribList } from '../../features/lazy/LazyScreens';
import { AtBench } from '../../session/AtBench';

export default function ToolsScreen() {
  return (
    <AtBench>
      <LazyCribList />
    </AtBench>
  );
}
