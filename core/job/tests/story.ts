import { scopedSheet } from '../scope';
import type { Verdict } from '../verdict';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import { sheetHash } from '@cardinex/demo/jobs';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { crewMember, lockside } from '@cardinex/demo/shops';
import { headNext } from '@cardinex/demo/intakeStory';
import { Storyteller } from '@cardinex/demo/storyteller';
import type { Act, ActData, ActType, LoggedAct } from '../act';
import { decide } from '../decide';
import type { DecideInput } from '../decideContext';
import { fold } from '../evolve';
import type { Job } from '../job';
import type { JobState } from '../state';

export const STARTS = new Date('2026-03-02T08:00:00Z');

/** The Tolvane as a job on its head gasket works by it. */
export const jobSheet = scopedSheet(tolvane44, { kind: 'gasket' });

export const lead = crewMember(lockside, 'MO');
export const tobin = crewMember(lockside, 'TR');
export const wren = crewMember(lockside, 'WH');
export const perrin = crewMember(lockside, 'PS');

/** A job on the Tolvane 44, opened by Tobin at eight in the morning: all before its liners was done elsewhere. */
export function opened(): Storyteller {
  const story = new Storyteller(lockside, 'a-job', tolvane44, STARTS, tobin).act('job.opened', {
    sheet: { id: tolvane44.id, revision: tolvane44.revision, hash: sheetHash(tolvane44) },
    serial: 'T44-1',
    name: 'test engine',
    why: 'a test',
    cylinder1End: 'fan',
    scope: { kind: 'gasket' },
  });
  return headNext(story, tolvane44);
}

/** Liners within and accepted. */
export function linersIn(story = opened()): Storyteller {
  return story
    .liner('1', 0.06, 0.06)
    .liner('2', 0.07, 0.07)
    .liner('3', 0.08, 0.08)
    .liner('4', 0.09, 0.09)
    .act('liners.accepted', {});
}

/** Liners in, all three stages of the head closed. */
export function headDown(): Storyteller {
  return linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 10).pull('s2', 10).pull('s3', 10);
}

/** A story's acts as the log would hold them. */
export function logOf(story: Storyteller): readonly LoggedAct[] {
  return story.end().acts.map((act, place) => ({ ...act, seq: place + 1, receivedAt: act.at }));
}

export function jobOf(story: Storyteller): Job {
  return fold(logOf(story));
}

export function stateOf(story: Storyteller): JobState {
  return jobOf(story).state;
}

/** When the last act of a story was done. */
export function lastAt(story: Storyteller): string {
  return jobOf(story).log.last?.at ?? '';
}

/** One more act after a story, made `minutes` later by a member at a device. */
export function after<T extends ActType>(
  story: Storyteller,
  type: T,
  data: ActData[T],
  more: Partial<Act> & { readonly minutes?: number } = {},
): Act {
  const { minutes = 1, ...envelope } = more;
  const log = logOf(story);
  const last = log.at(-1);
  return {
    id: `0190f000-0000-7000-8000-${String(log.length).padStart(12, '0')}`,
    v: 1,
    type,
    at: new Date(Date.parse(last?.at ?? STARTS.toISOString()) + minutes * 60_000).toISOString(),
    by: tobin.id,
    device: lockside.device,
    count: log.length + 1,
    seenSeq: log.length,
    data,
    ...envelope,
  } as unknown as Act;
}

/** Decides an act on a story, as its author, with the Tolvane's sheet. */
export function decided(
  story: Storyteller,
  act: Act,
  member: Partial<DecideInput['member']> = {},
): Verdict {
  const author = lockside.crew.find((m) => m.id === act.by);
  return decide(jobOf(story), act, {
    now: act.at,
    sheet: tolvane44,
    member: { id: act.by, role: author?.role ?? 'viewer', fresh: false, ...member },
  });
}

/** Why an act was refused; null when it was not. */
export function refusalOf(verdict: Verdict): string | null {
  return verdict.ok ? null : verdict.refusal.code;
}

/** An act added to a job as its log's next event. */
export function added({ log }: Job, act: Act): Job {
  return fold([...log.acts, { ...act, seq: log.headSeq + 1, receivedAt: act.at }]);
}
