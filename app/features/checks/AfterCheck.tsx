import { router } from 'expo-router';
import type { Check } from '@cardinex/core/job/checks/check';
import { viewsOn } from '@cardinex/core/job/checks/views';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { Button } from '../../ui/Button';
import { BarRow } from '../../ui/BarRow';
import { useJob } from '../job/JobProvider';
import { LeadOn } from '../job/LeadOn';
import { checksHref } from './checkHref';
import { NextCheck } from './NextCheck';
import { openAfter } from './openAfter';

interface Props {
  readonly check: Check;
  /** Something of this check still has to be done: leaving it is not the answer one hopes for. */
  readonly unfinished: boolean;
}

/** The way on from a check where nothing is to be read or said on it: to the next one, or to the next card. */
export function AfterCheck({ check, unfinished }: Props) {
  const { jobId, sheet, state, tray } = useJob();
  const { card } = check;
  const next = unfinished ? null : openAfter(viewsOn(sheet, state.checks, card), check);
  const isDone = tray.some((entry) => entry.card === card && entry.status === 'done');
  if (!unfinished && next === null && isDone) return <LeadOn from={{ card }} done />;
  return (
    <BarRow>
      <Button
        label={w.toChecks}
        kind={unfinished || next ? 'bench' : 'expected'}
        tall
        onPress={() => router.push(checksHref(jobId, check))}
        className="flex-1"
      />
      {next ? <NextCheck check={next} className="min-w-[8rem] flex-[2]" /> : null}
    </BarRow>
  );
}
