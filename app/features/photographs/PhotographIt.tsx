import { router } from 'expo-router';
import { photographWords as w } from '@cardinex/words/photographs';
import { Button } from '../../ui/Button';
import { useJob } from '../job/JobProvider';

/** The way to the photographs of one part or check, and how many there are. */
export function PhotographIt({ of }: { of: string }) {
  const { jobId, state } = useJob();
  const count = state.photographs.filter((photograph) => photograph.of === of).length;
  return (
    <Button
      label={w.of(count)}
      onPress={() => router.push(`/jobs/${jobId}/photographs?of=${encodeURIComponent(of)}`)}
    />
  );
}
