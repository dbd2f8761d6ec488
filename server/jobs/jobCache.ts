import type { Transaction } from 'sequelize';
import type { JobEvent } from '@cardinex/core/job/act';
import { evolve, fold } from '@cardinex/core/job/evolve';
import { headSeq, type JobState } from '@cardinex/core/job/state';
import { EMPTY_JOB } from '@cardinex/core/job/emptyJob';
import { endsAt, readLogs, type Head, type StoredLog, type Which } from '../database/logs';
import { ProblemError } from '../problems/problem';

/** Folded jobs kept for the next request; never the truth, only a shorter way to it. */
const MOST_KEPT = 500;

/** A job as it stands, with what its stream says of it. */
export interface LoadedJob {
  readonly id: string;
  /** Null where its log does not end where its stream says. */
  readonly state: JobState | null;
  readonly begunAt: Date;
  /** The head at which it was last found finished. */
  readonly finishedSeq: number | null;
}

/**
 * Jobs folded up to their last event. Only events beyond what was folded before are read, so that a
 * job with thousands of them costs no more than a new one. Safe with other servers on the same
 * database, because a log only ever grows.
 */
export class JobCache {
  /** By job; those used last stand last. */
  private readonly kept = new Map<string, { readonly shopId: string; readonly state: JobState }>();

  /** How many jobs are kept. */
  get size(): number {
    return this.kept.size;
  }

  /**
   * One job; empty for one the shop does not have.
   * @param head where the stream ends, for a caller that holds its lock: a copy that reaches it is whole
   * @throws ProblemError 500 for a log that does not end where its stream says
   */
  async load(
    shopId: string,
    id: string,
    transaction?: Transaction,
    head?: Head,
  ): Promise<JobState> {
    const before = this.kept.get(id);
    const known = before?.shopId === shopId ? before.state : EMPTY_JOB;
    if (head && endsAt(known.log, head)) return known;
    const seqs = new Map([[id, headSeq(known)]]);
    const [log] = await readLogs(shopId, 'job', { id }, seqs, transaction);
    if (!log) return EMPTY_JOB;
    const state = this.advanced(shopId, known, log);
    if (state) return state;
    if (known === EMPTY_JOB) throw new ProblemError(500, 'log-damaged');
    // What is held here may be of a log since restored: only what the database holds counts.
    this.kept.delete(id);
    return this.load(shopId, id, transaction);
  }

  /** Several jobs of a shop, those begun last first, in one query. */
  async loadMany(shopId: string, which: Which): Promise<readonly LoadedJob[]> {
    const own = [...this.kept].filter(([, one]) => one.shopId === shopId);
    const states = new Map(own.map(([id, { state }]) => [id, state]));
    const seqs = new Map([...states].map(([id, state]) => [id, headSeq(state)]));
    const logs = await readLogs(shopId, 'job', which, seqs);
    return Promise.all(
      logs.map(async (log) => ({
        id: log.streamId,
        state:
          this.advanced(shopId, states.get(log.streamId) ?? EMPTY_JOB, log) ??
          (await this.load(shopId, log.streamId).catch(nullIfDamaged)),
        begunAt: log.begunAt,
        finishedSeq: log.finishedSeq,
      })),
    );
  }

  keep(shopId: string, id: string, state: JobState): void {
    this.kept.delete(id);
    this.kept.set(id, { shopId, state });
    const [oldest] = this.kept.keys();
    if (this.kept.size > MOST_KEPT && oldest !== undefined) this.kept.delete(oldest);
  }

  /** The job with what was read of it; null when it does not end where its stream says. */
  private advanced(shopId: string, before: JobState, log: StoredLog): JobState | null {
    const state = advance(before, log.events);
    if (!endsAt(state.log, log.head)) return null;
    this.keep(shopId, log.streamId, state);
    return state;
  }
}

/** Only a log that lost its end is no job; a database in trouble is no reason to call it that. */
function nullIfDamaged(error: unknown): null {
  if (error instanceof ProblemError && error.code === 'log-damaged') return null;
  throw error;
}

function advance(state: JobState, events: readonly JobEvent[]): JobState {
  if (events.length > 50) return fold([...state.log, ...events]);
  return events.reduce(evolve, state);
}
