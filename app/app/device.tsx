import { Device } from '../features/device/Device';
import { AtBench } from '../session/AtBench';

export default function DeviceScreen() {
  return (
    <AtBench>
      <Device />
    </AtBench>
  );
}
