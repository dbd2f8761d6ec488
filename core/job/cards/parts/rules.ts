import { ACCEPTED, refused, type Verdict } from '../../verdict';
import type { ActOf } from '../../act';
import type { DecideContext } from '../../decideContext';
import type { JobState } from '../../state';
import { kitOf } from './view';

export function decidePartArrived(
  state: JobState,
  { data }: ActOf<'part.arrived'>,
  { sheet }: DecideContext,
): Verdict {
  const item = kitOf(sheet, state).find(({ id }) => id === data.part);
  if (!item) return refused('unknown-part');
  if (data.verdict === 'right' && item.count !== undefined && data.count < item.count) {
    return refused('part-short', { count: data.count, total: item.count });
  }
  return data.verdict === 'right' || data.words ? ACCEPTED : refused('words-needed');
}

/** When lines of this job's list are to come. */
export function decidePartsExpected(
  state: JobState,
  { data: { parts } }: ActOf<'parts.expected'>,
  { sheet }: DecideContext,
): Verdict {
  const known = new Set(kitOf(sheet, state).map(({ id }) => id));
  return parts.every((part) => known.has(part)) ? ACCEPTED : refused('unknown-part');
}

export function decideWorkSent({ parts }: JobState, { data }: ActOf<'work.sent'>): Verdict {
  return parts.outside.some(({ id }) => id === data.work) ? refused('unknown-work') : ACCEPTED;
}

/** Said again once it has been washed. */
export function decideWorkBack({ parts }: JobState, { data }: ActOf<'work.back'>): Verdict {
  return parts.outside.some(({ id }) => id === data.work) ? ACCEPTED : refused('unknown-work');
}
