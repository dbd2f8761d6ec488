import { router } from 'expo-router';
import type { Check } from '@cardinex/core/job/checks/check';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { checkName } from '@cardinex/words/checkNames';
import { Button } from '../../ui/Button';
import { useJob } from '../job/JobProvider';
import { checkHref } from './checkHref';

/** The check to be made next, as a large button. */
export function NextCheck({
  check,
  className,
}: {
  readonly check: Check;
  readonly className: string;
}) {
  const { jobId, sheet } = useJob();
  return (
    <Button
      label={checkName(sheet, check)}
      hint={w.nextCheck}
      kind="expected"
      tall
      onPress={() => router.replace(checkHref(jobId, check))}
      className={className}
      testID="next-check"
    />
  );
}
