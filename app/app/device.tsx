import { LazyDevice } from '../features/device/LazyDevice';
import { AtBench } from '../session/AtBench';

export default function DeviceScreen() {
  return (
    <AtBench>
      <LazyDevice />
    </AtBench>
  );
}
