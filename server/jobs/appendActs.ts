import { UniqueConstraintError, type Sequelize, type Transaction } from 'sequelize';
import type { Outcome, Outcomes } from '@cardinex/contract/acts/outcome';
import type { Act, JobEvent } from '@cardinex/core/job/act';
import { headSeq, type JobState } from '@cardinex/core/job/state';
import { EMPTY_JOB } from '@cardinex/core/job/emptyJob';
import { EventRow } from '../database/models';
import { beginStream, lockStream, storeEvents } from '../database/streams';
import { troubleOf } from '../database/trouble';
import { ProblemError } from '../problems/problem';
import { Appending, type Batch, type Kept, type Sender } from './appending';
import type { JobCache } from './jobCache';
import { Unreadable, readAct } from './readAct';

/**
 * Adds a batch of acts to a job's log, each decided in turn against the log as it then stands.
 *
 * A bad act is refused by itself and does not hold up those behind it. All that are accepted are
 * committed together; an act sent before with the same content is answered with the event it
 * already is.
 *
 * Whether an act was sent before is looked for in the job's own log. That an id was used on another
 * job of the shop is for the database's key to find, and only then is it looked for there: it does
 * not happen by itself, and every act would pay for the asking.
 */
export async function appendActs(
  sequelize: Sequelize,
  cache: JobCache,
  sender: Sender,
  jobId: string,
  batch: Batch,
): Promise<Outcomes> {
  const append = { sequelize, cache, sender, jobId, batch };
  const inLog: SentBefore = (state, acts) => eventsOfLog(jobId, state, acts);
  try {
    return await appendOnce(append, inLog);
  } catch (error) {
    if (error instanceof UniqueConstraintError) {
      return appendOnce(append, (_, acts, transaction) =>
        eventsByActId(sender.shopId, acts, transaction),
      );
    }
    if (!(error instanceof OutcomeUnknown)) throw error;
    // Asked again it waits for the stream until the lost commit has come to something, and finds by
    // their ids what was kept.
    return appendOnce(append, inLog).catch((again: unknown) => {
      throw troubleOf(again) ? new ProblemError(503, 'outcome-unknown') : again;
    });
  }
}

/** The database was told to commit and has not said whether it did. */
class OutcomeUnknown extends Error {}

/** No act of a batch that was to open a job was accepted: no stream is left behind for it. */
class NothingKept extends Error {
  constructor(readonly outcomes: Outcome[]) {
    super('nothing kept');
  }
}

type SentBefore = (
  state: JobState,
  acts: readonly (Act | Unreadable)[],
  transaction: Transaction,
) => Kept | Promise<Kept>;

interface Append {
  readonly sequelize: Sequelize;
  readonly cache: JobCache;
  readonly sender: Sender;
  readonly jobId: string;
  readonly batch: Batch;
}

async function appendOnce(
  { sequelize, cache, sender, jobId, batch }: Append,
  sentBefore: SentBefore,
): Promise<Outcomes> {
  const { shopId } = sender;
  const key = { shopId, streamKind: 'job' as const, streamId: jobId };
  const acts = batch.acts.map((raw) => readAct(raw));
  const opens = acts.some((act) => !(act instanceof Unreadable) && act.type === 'job.opened');
  // Held in an object: that a closure sets it is not seen of a variable.
  const progress = { committing: false };
  const append = async (transaction: Transaction) => {
    if (opens) await beginStream(key, batch.receivedAt, transaction);
    const stream = await lockStream(key, transaction);
    const head = stream && { seq: stream.headSeq, hash: stream.headHash };
    const state = head ? await cache.load(shopId, jobId, transaction, head) : EMPTY_JOB;
    const kept = await sentBefore(state, acts, transaction);
    const to = { sender, jobId, batch, kept, transaction };
    const appending = new Appending(to, state, head?.hash ?? null);
    const outcomes: Outcome[] = [];
    for (const [place, act] of acts.entries()) outcomes.push(await appending.take(act, place));
    await storeEvents(key, appending.events, transaction);
    if (head?.seq === 0 && appending.events.length === 0) throw new NothingKept(outcomes);
    progress.committing = true;
    return { outcomes, state: appending.state };
  };
  try {
    const { outcomes, state } = await sequelize.transaction(append);
    cache.keep(shopId, jobId, state);
    return { outcomes, headSeq: headSeq(state) };
  } catch (error) {
    if (error instanceof NothingKept) return { outcomes: error.outcomes, headSeq: 0 };
    throw progress.committing && troubleOf(error) ? new OutcomeUnknown() : error;
  }
}

/** Acts of a batch that the job's own log holds already. */
function eventsOfLog(streamId: string, state: JobState, acts: readonly (Act | Unreadable)[]): Kept {
  const ids = new Set(acts.flatMap((act) => (act instanceof Unreadable ? [] : [act.id])));
  const known = state.log.filter((event): event is JobEvent => ids.has(event.id));
  return new Map(known.map((event) => [event.id, { event, streamId }]));
}

/** Acts of a batch that some job of the shop holds already. */
async function eventsByActId(
  shopId: string,
  acts: readonly (Act | Unreadable)[],
  transaction: Transaction,
): Promise<Kept> {
  const ids = acts.flatMap((act) => (act instanceof Unreadable ? [] : [act.id]));
  if (ids.length === 0) return new Map();
  const rows = await EventRow.findAll({ where: { shopId, actId: ids }, raw: true, transaction });
  return new Map(rows.map((row) => [row.actId, { event: row.event, streamId: row.streamId }]));
}
