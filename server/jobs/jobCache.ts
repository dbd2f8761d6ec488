import { LRUCache } from 'lru-cache';
import type { JobEvent } from '@cardinex/core/job/act';
import { evolveAll } from '@cardinex/core/job/evolve';
import { EMPTY_JOB } from '@cardinex/core/job/emptyJob';
import type { Job } from '@cardinex/core/job/job';
import { endsAt, readLog, readLogs, type StoredLog, type Which } from '../database/logs';
import { ProblemError } from '../problems/problem';

/** Folded jobs kept for the next request; never the truth, only a shorter way to it. */
const MOST_KEPT = 500;

/** A job as it stands, with what its stream says of it. */
export interface LoadedJob {
  readonly id: string;
  /** Null where its log does not end where its stream says. */
  readonly job: Job | null;
  readonly begunAt: Date;
  /** The head at which it was last found finished. */
  readonly finishedSeq: number | null;
}

interface Kept {
  readonly shopId: string;
  readonly job: Job;
}

/**
 * Jobs folded up to their last event. Only events beyond what was folded before are read, so that a
 * job with thousands of them costs no more than a new one. Safe with other servers on the same
 * database, because a log only ever grows.
 */
export class JobCache {
  private readonly kept = new LRUCache<string, Kept>({ max: MOST_KEPT });
  /** The last of those who wait to add to a job, by job. */
  private readonly turns = new Map<string, Promise<unknown>>();

  /** How many jobs are kept. */
  get size(): number {
    return this.kept.size;
  }

  /** One after the other, those who add to a job: of two at once the second would decide in vain. */
  async inTurn<Result>(id: string, work: () => Promise<Result>): Promise<Result> {
    const before = this.turns.get(id);
    const own = before ? before.then(work, work) : work();
    this.turns.set(id, own);
    try {
      return await own;
    } finally {
      if (this.turns.get(id) === own) this.turns.delete(id);
    }
  }

  /**
   * One job as it was last seen, which may not be the whole of it; empty for one the shop does not have.
   * @param seen the last event that is known to be there
   */
  async last(shopId: string, id: string, seen: number): Promise<Job> {
    const job = this.held(shopId, id);
    return job && job.log.headSeq >= seen ? job : this.load(shopId, id);
  }

  /**
   * One job; empty for one the shop does not have.
   * @throws ProblemError 500 for a log that does not end where its stream says
   */
  async load(shopId: string, id: string): Promise<Job> {
    const known = this.held(shopId, id) ?? EMPTY_JOB;
    const log = await readLog(shopId, 'job', id, known.log.headSeq);
    if (!log) return EMPTY_JOB;
    const job = this.advanced(shopId, known, log);
    if (job) return job;
    if (known === EMPTY_JOB) throw new ProblemError(500, 'log-damaged');
    // What is held here may be of a log since restored: only what the database holds counts.
    this.kept.delete(id);
    return this.load(shopId, id);
  }

  /** Several jobs of a shop, those begun last first, in one query. */
  async loadMany(shopId: string, which: Which): Promise<readonly LoadedJob[]> {
    const own = [...this.kept.entries()].filter(([, one]) => one.shopId === shopId);
    const jobs = new Map(own.map(([id, { job }]) => [id, job]));
    const seqs = new Map([...jobs].map(([id, { log }]) => [id, log.headSeq]));
    const logs = await readLogs(shopId, 'job', which, seqs);
    return Promise.all(
      logs.map(async (log) => ({
        id: log.streamId,
        job:
          this.advanced(shopId, jobs.get(log.streamId) ?? EMPTY_JOB, log) ??
          (await this.load(shopId, log.streamId).catch(nullIfDamaged)),
        begunAt: log.begunAt,
        finishedSeq: log.finishedSeq,
      })),
    );
  }

  keep(shopId: string, id: string, job: Job): void {
    this.kept.set(id, { shopId, job });
  }

  private held(shopId: string, id: string): Job | null {
    const stored = this.kept.get(id);
    return stored?.shopId === shopId ? stored.job : null;
  }

  /** The job with what was read of it; null when it does not end where its stream says. */
  private advanced(shopId: string, before: Job, log: StoredLog): Job | null {
    const job = evolveAll(before, log.events);
    if (!endsAt(job.log.last, log.head)) return null;
    // Another may have come further meanwhile.
    const held = this.held(shopId, log.streamId) ?? EMPTY_JOB;
    if (held.log.headSeq <= job.log.headSeq) this.keep(shopId, log.streamId, job);
    return job;
  }
}

/** Only a log that lost its end is no job; a database in trouble is no reason to call it that. */
function nullIfDamaged(error: unknown): null {
  if (error instanceof ProblemError && error.code === 'log-damaged') return null;
  throw error;
}

/** A job's log as it is stored: every act in it has been received. */
export function eventsOf({ log }: Job): readonly JobEvent[] {
  return log.acts as readonly JobEvent[];
}
