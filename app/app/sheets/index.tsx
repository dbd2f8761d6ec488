import { LazySheetList } from '../../features/lazy/LazyScreens';
import { AtBench } from '../../session/AtBench';

export default function SheetsScreen() {
  return (
    <AtBench>
      <LazySheetList />
    </AtBench>
  );
}
