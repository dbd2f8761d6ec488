import { router } from 'expo-router';
import { currentCard } from '@cardinex/core/job/tray';
import { isPutRightOnIt, shownStatus } from '@cardinex/core/job/trayGroups';
import { entryTitle, statusWord } from '@cardinex/words/cards/names';
import { trayWords } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { entryHref } from './entryHref';
import { useJob } from './JobProvider';

interface Props {
  /** Something else is expected first. */
  readonly plain?: boolean;
  readonly className?: string;
}

/** The card to be worked on next, as a large button; the record, once nothing is left. */
export function NextCard({ plain = false, className }: Props) {
  const { jobId, tray } = useJob();
  const next = currentCard(tray);
  if (next === null) {
    return (
      <Button
        label={trayWords.record}
        kind={plain ? 'bench' : 'expected'}
        tall
        onPress={() => router.replace(`/jobs/${jobId}/record`)}
        className={className}
      />
    );
  }
  const open = next.status === 'open' || isPutRightOnIt(next.reason);
  return (
    <Button
      label={entryTitle(next, tray)}
      hint={open ? trayWords.nextCard : statusWord(shownStatus(next))}
      kind={open && !plain ? 'expected' : 'bench'}
      tall
      onPress={() => router.replace(entryHref(jobId, next))}
      className={className}
      testID="next-card"
    />
  );
}
