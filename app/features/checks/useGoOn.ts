import { router } from 'expo-router';
import { useEffect, useRef } from 'react';
import { lastActOf } from '@cardinex/core/job/decideAware';
import type { CheckView } from '@cardinex/core/job/checks/view';
import { viewsOn } from '@cardinex/core/job/checks/views';
import { useBench } from '../../session/SessionProvider';
import { useJob } from '../job/JobProvider';
import { checkHref } from './checkHref';
import { openAfter } from './openAfter';

/**
 * Goes on to the next check of a card once one's own look was the last of this one: there is nothing to be read on it
 * that would be worth a press. What another hand finishes meanwhile takes nobody away.
 */
export function useGoOn({ check, done }: CheckView): void {
  const job = useJob();
  const { member } = useBench();
  const wasDone = useRef(done);
  const { jobId, sheet, state } = job;
  useEffect(() => {
    const isFinished = done && !wasDone.current;
    wasDone.current = done;
    // A piece, or a head, that goes on is a card by itself.
    if (!isFinished || check.card === 'fit' || check.card === 'tighten') return;
    const last = lastActOf(job, member.id);
    const isLook = last?.type === 'check.seen' || last?.type === 'check.row-seen';
    if (!isLook || last.data.check !== check.id) return;
    const next = openAfter(viewsOn(sheet, state.checks, check.card), check);
    if (next) router.replace(checkHref(jobId, next));
  });
}
