import { router } from 'expo-router';
import { trayWords } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { useJob } from './JobProvider';

/** Back to the tray: the answer expected once a card is done, else only a way out of it. */
export function ToTrayButton({
  done,
  className,
}: {
  done: boolean;
  className?: string | undefined;
}) {
  const { jobId } = useJob();
  return (
    <Button
      label={trayWords.toTray}
      kind={done ? 'expected' : 'bench'}
      tall
      onPress={() => router.replace(`/jobs/${jobId}`)}
      className={className}
    />
  );
}
