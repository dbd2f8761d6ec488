import { valvesScreen as w } from '@cardinex/words/en/cards/valves';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { WordsSlip } from '../job/WordsSlip';

/** What is seen is not what should be: the crank's position is in doubt until found again. */
export function NotWhatISee({ onClose }: { onClose: () => void }) {
  const { record } = useJob();
  return (
    <WordsSlip
      title={w.notWhatISee}
      label={w.crankDoubt}
      confirm={w.notWhatISee}
      onWords={(words) => record('crank.doubted', { words })}
      onClose={onClose}
    >
      <Body>{w.oneTurnOut}</Body>
    </WordsSlip>
  );
}
