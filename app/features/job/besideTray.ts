import { temporaryPartsIn } from '@cardinex/core/job/register';
import { photographWords } from '@cardinex/words/photographs';
import { registerWords } from '@cardinex/words/register';
import { trayWords } from '@cardinex/words/screens';
import type { Verdict } from '@cardinex/drawings/marks/verdict';
import type { OpenJob } from './JobProvider';

/** A way to something of a job that is no card of its tray, but always at hand. */
interface BesideTray {
  readonly card: 'register' | 'photographs' | 'record' | 'sheet';
  readonly label: string;
  readonly href: string;
  readonly mark?: Verdict;
  readonly word?: string;
  readonly reason?: string;
}

/** What stands behind the cards of a job's tray. */
export function besideTray({
  jobId,
  sheet,
  state,
}: Pick<OpenJob, 'jobId' | 'sheet' | 'state'>): readonly BesideTray[] {
  const inside = temporaryPartsIn(state.register).length;
  const taken = state.photographs.length;
  const at = (card: BesideTray['card'], label: string): BesideTray => ({
    card,
    label,
    href: `/jobs/${jobId}/${card}`,
  });
  const ofScope: readonly BesideTray[] = [
    {
      ...at('register', registerWords.tab),
      ...(inside > 0 && { mark: 'waiting', word: registerWords.count(inside) }),
    },
    {
      ...at('photographs', photographWords.tab),
      ...(taken > 0 && { reason: photographWords.count(taken) }),
    },
  ];
  return [...ofScope, at('record', trayWords.record), at('sheet', trayWords.sheet(sheet.revision))];
}
