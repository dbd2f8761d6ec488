import { LazyBeginSheet } from '../../features/lazy/LazyScreens';
import { AtBench } from '../../session/AtBench';

export default function NewSheetScreen() {
  return (
    <AtBench>
      <LazyBeginSheet />
    </AtBench>
  );
}
