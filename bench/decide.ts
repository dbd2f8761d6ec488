import type { Act, LoggedAct } from '../core/job/act';
import { decide } from '../core/job/decide';
import { evolve } from '../core/job/evolve';
import { EMPTY_JOB } from '../core/job/emptyJob';
import type { Job } from '../core/job/job';
import type { DemoJob } from '../demo/storyteller';
import { WHOLE_JOBS } from './demoPosts';
import { mean, quantile, type Result } from './result';

const WARM_UP = 8;

/** How many acts lie in the log before what is measured. */
const BEFORE = [0, 2000, 20_000] as const;

/** What it takes to decide an act and to have it take effect, over whole demo jobs. */
export function benchDecide(): Result[] {
  for (let n = 0; n < WARM_UP; n += 1) WHOLE_JOBS.forEach((job) => replay(job, 0));
  const measured = BEFORE.map((before) => {
    const all = WHOLE_JOBS.map((job) => replay(job, before));
    return {
      before,
      decideMs: all.flatMap((replayed) => replayed.decideMs),
      evolveMs: all.flatMap((entry) => entry.evolveMs),
    };
  });
  const points = (value: (item: (typeof measured)[number]) => number) =>
    measured.map((each) => ({ size: Math.max(each.before, SHORT), value: value(each) }));
  const [short] = measured;
  if (!short) throw new Error('nothing was measured');
  const acts = `${short.decideMs.length} acts of whole demo jobs`;
  return [
    {
      what: `decide, ${acts}, mean`,
      value: mean(short.decideMs),
      unit: 'ms',
      goal: 0.15,
      limit: 0.4,
      growth: { of: 'events', points: points(({ decideMs }) => mean(decideMs)) },
    },
    {
      what: `decide, ${acts}, the 95th of 100`,
      value: quantile(short.decideMs, 0.95),
      unit: 'ms',
      goal: 0.5,
      limit: 1.5,
      growth: { of: 'events', points: points(({ decideMs }) => quantile(decideMs, 0.95)) },
    },
    {
      what: `evolve, ${acts}, mean`,
      value: mean(short.evolveMs),
      unit: 'ms',
      limit: 0.1,
      growth: { of: 'events', points: points(({ evolveMs }) => mean(evolveMs)) },
    },
  ];
}

/** About as many as a demo job has itself, where nothing lies before it. */
const SHORT = 100;

interface Replayed {
  readonly decideMs: readonly number[];
  readonly evolveMs: readonly number[];
}

/** A job told once more, act by act, with so many cautions acknowledged right after it was opened. */
function replay({ shop, acts }: DemoJob, before: number): Replayed {
  const [opening, ...rest] = acts;
  const decideMs: number[] = [];
  const evolveMs: number[] = [];
  let job: Job = EMPTY_JOB;
  const take = (act: LoggedAct): void => {
    const begun = performance.now();
    job = evolve(job, act);
    evolveMs.push(performance.now() - begun);
  };
  if (!opening) return { decideMs, evolveMs };
  take(logged(opening, 1));
  for (let n = 0; n < before; n += 1) job = evolve(job, cautionOf(opening, n + 2));
  for (const act of rest) {
    const pinned = act.type === 'sheet.taken' ? act.data.sheet : job.state.opened?.sheet;
    const sheet = shop.sheets.find(
      ({ id, revision }) => id === pinned?.id && revision === pinned.revision,
    );
    if (!sheet) throw new Error('the job is on a sheet its shop does not have');
    const role = shop.crew.find(({ id }) => id === act.by)?.role ?? 'viewer';
    const known = { ...act, seenSeq: job.log.headSeq };
    const member = { id: act.by, role, fresh: false };
    const begun = performance.now();
    const verdict = decide(job, known, { now: act.at, sheet, member });
    decideMs.push(performance.now() - begun);
    if (!verdict.ok) throw new Error(`${act.type}: ${JSON.stringify(verdict.refusal)}`);
    take(logged({ ...known, ...verdict.stamp }, job.log.headSeq + 1));
  }
  return { decideMs, evolveMs };
}

function logged(act: Act, seq: number): LoggedAct {
  return { ...act, seq, receivedAt: act.at };
}

function cautionOf(opening: Act, seq: number): LoggedAct {
  const id = `0190ffff-0000-7000-8000-${String(seq).padStart(12, '0')}`;
  return logged(
    { ...opening, id, type: 'caution.acknowledged', data: { caution: 'barring' } } as Act,
    seq,
  );
}
