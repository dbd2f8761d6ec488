import { router } from 'expo-router';
import type { Check } from '@cardinex/core/job/checks/check';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { Button } from '../../ui/Button';
import { useJob } from '../job/JobProvider';
import { checksHref } from './checkHref';

interface Props {
  readonly check: Check;
  /** Something of this check still has to be done: leaving it is not the answer one hopes for. */
  readonly unfinished: boolean;
}

/** The way on from a check where nothing is to be read or said on it. */
export function ToChecks({ check, unfinished }: Props) {
  const { jobId } = useJob();
  return (
    <Button
      label={w.toChecks}
      kind={unfinished ? 'bench' : 'expected'}
      tall
      onPress={() => router.push(checksHref(jobId, check))}
    />
  );
}
