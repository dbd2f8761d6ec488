import { Op, type Transaction } from 'sequelize';
import { evolve, fold } from '@cardinex/core/job/evolve';
import type { JobEvent } from '@cardinex/core/job/act';
import { EMPTY_JOB, headSeq, type JobState } from '@cardinex/core/job/state';
import { EventRow } from '../database/models';

/** Folded jobs kept for the next request; never the truth, only a shorter way to it. */
const MOST_KEPT = 500;

/**
 * The state of a job up to its last event. Only events beyond what was folded before are read, so
 * a job with thousands of them costs no more than a new one. Safe with other servers on the same
 * database, because a log only ever grows.
 */
export class JobCache {
  private readonly kept = new Map<string, JobState>();

  /**
   * @param upTo the stream's head, where the caller holds its lock: a copy that reaches it is whole
   */
  async load(
    shopId: string,
    streamId: string,
    transaction?: Transaction,
    upTo?: number,
  ): Promise<JobState> {
    const key = `${shopId}/${streamId}`;
    const before = this.kept.get(key) ?? EMPTY_JOB;
    if (upTo !== undefined && headSeq(before) === upTo) return before;
    const after = await eventsAfter(shopId, streamId, headSeq(before), transaction);
    const state = advance(before, after);
    this.keep(shopId, streamId, state);
    return state;
  }

  keep(shopId: string, streamId: string, state: JobState): void {
    const key = `${shopId}/${streamId}`;
    this.kept.delete(key);
    this.kept.set(key, state);
    const [oldest] = this.kept.keys();
    if (this.kept.size > MOST_KEPT && oldest !== undefined) this.kept.delete(oldest);
  }
}

function advance(state: JobState, events: readonly JobEvent[]): JobState {
  if (events.length > 50) return fold([...state.log, ...events]);
  return events.reduce(evolve, state);
}

/** The events of a job after a place in its log, in order. */
export async function eventsAfter(
  shopId: string,
  streamId: string,
  seq: number,
  transaction?: Transaction,
): Promise<JobEvent[]> {
  const rows = await EventRow.findAll({
    where: { shopId, streamKind: 'job', streamId, seq: { [Op.gt]: seq } },
    order: [['seq', 'ASC']],
    attributes: ['event'],
    raw: true,
    transaction,
  });
  return rows.map((row) => row.event);
}
