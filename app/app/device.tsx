import { LazyDevice } from '../features/lazy/LazyScreens';
import { AtBench } from '../session/AtBench';

export default function DeviceScreen() {
  return (
    <AtBench>
      <LazyDevice />
    </AtBench>
  );
}
