import type { Check } from '@cardinex/core/job/checks/check';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { useJob } from '../job/JobProvider';
import { WordsSlip } from '../job/WordsSlip';
import type { Slot } from './ReadingGrid';

interface Props {
  readonly check: Check;
  readonly at: Slot;
  readonly title: string;
  /** Said: what was picked by hand is no longer in hand. */
  readonly onDone: () => void;
  readonly onClose: () => void;
}

/** A step that does not apply to this engine, and why. */
export function NotHereSlip({ check, at, title, onDone, onClose }: Props) {
  const { record } = useJob();
  return (
    <WordsSlip
      title={w.notHereTitle(title)}
      label={w.notHereWhy}
      need={w.needNotHere}
      confirm={w.notHere}
      onWords={async (words) => {
        const problem = await record('check.not-here', {
          check: check.id,
          item: at.item,
          ...(at.place !== '' && { place: at.place }),
          words,
        });
        if (problem === null) onDone();
        return problem;
      }}
      onClose={onClose}
    />
  );
}
