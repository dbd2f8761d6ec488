import { linersWords as w } from '@cardinex/words/screens';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { WordsSlip } from '../job/WordsSlip';

/** Letting liners stand that are out of limits: the lead's alone, with a reason that stays in the record. */
export function AcceptOut({ onClose }: { onClose: () => void }) {
  const { record } = useJob();
  return (
    <WordsSlip
      title={w.acceptOut}
      label={w.acceptReason}
      confirm={w.acceptOut}
      kind="stop"
      onWords={(words) => record('liners.accepted', { words })}
      onClose={onClose}
    >
      <Body>{w.acceptOutHint}</Body>
    </WordsSlip>
  );
}
