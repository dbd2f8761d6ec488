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
    .flatMap(({ reason }) => dueOf(reason) ?? [])
    .sort((a, b) => a.until.localeCompare(b.until));
  useWait(next?.until ?? null, speech && next ? next.says : null);
  return null;
}

/** Until when something sets, and what is said then; null for a reason that is about no joint. */
function dueOf(reason: TrayReason): { readonly until: string; readonly says: string } | null {
  if (reason.code === 'not-closed-yet') return { until: reason.until, says: w.closeNow };
  if (reason.code === 'close-by') return { until: reason.until, says: w.tooLate };
  if (reason.code !== 'clock') return null;
  return { until: reason.until, says: reason.bars === 'pull' ? w.pullNow : w.cured };
}
