import type { TrayReason } from '@cardinex/core/job/trayReason';
import { clockWords as w } from '@cardinex/words/clocks';
import { usePreferences } from '../../device/preferences';
import { useWait } from '../../ui/wait/useWait';
import { useJob } from '../job/JobProvider';

/** Buzzes, and says aloud, when something that sets is due, on whichever screen of the job one is. */
export function BeadsDue() {
  const { tray } = useJob();
  const { speech } = usePreferences();
  const [next] = tray
    .flatMap(({ reason }) => {
      const says = dueSentence(reason);
      return says !== null && 'until' in reason && reason.until
        ? [{ until: reason.until, says }]
        : [];
    })
    .sort((a, b) => a.until.localeCompare(b.until));
  useWait(next?.until ?? null, speech && next ? next.says : null);
  return null;
}

/** What is said once the time of a reason is over; null for one that is about no joint. */
function dueSentence(reason: TrayReason): string | null {
  if (reason.code === 'not-closed-yet') return w.closeNow;
  if (reason.code === 'close-by') return w.tooLate;
  if (reason.code !== 'clock') return null;
  return reason.bars === 'pull' ? w.pullNow : w.cured;
}
