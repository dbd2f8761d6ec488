import { NewJob } from '../../features/new-job/NewJob';
import { AtBench } from '../../session/AtBench';

export default function NewJobScreen() {
  return (
    <AtBench>
      <NewJob />
    </AtBench>
  );
}
