import type { LoggedAct } from '@cardinex/core/job/act';
import { actLine } from '@cardinex/words/acts';
import { recordWords as w } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { WordsSlip } from '../job/WordsSlip';

/** Striking an act from the record: it stays readable, with who struck it and why. */
export function StrikeSlip({ act, onClose }: { act: LoggedAct; onClose: () => void }) {
  const { sheet, record } = useJob();
  const units = useUnits();
  const line = actLine(act, sheet, units);
  return (
    <WordsSlip
      title={w.strikeTitle}
      label={w.strikeTitle}
      confirm={w.strike}
      kind="stop"
      onWords={(words) => record('struck', { target: act.id, words })}
      onClose={onClose}
    >
      <Body className="font-strong">
        {line.what} {line.value ?? ''}
      </Body>
      <Body>{w.strikeHint}</Body>
    </WordsSlip>
  );
}
