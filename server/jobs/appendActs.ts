import type { Outcome, Outcomes } from '@cardinex/contract/acts/outcome';
import type { Act, JobEvent } from '@cardinex/core/job/act';
import type { Job } from '@cardinex/core/job/job';
import { headOf } from '../database/logs';
import { EventRow } from '../database/models';
import { BEGINNING, append, type StreamKey } from '../database/streams';
import { isAnswered, isKeyTaken, isSilent, troubleOf } from '../database/trouble';
import { ProblemError } from '../problems/problem';
import { Appending, type Batch, type Kept, type Sender } from './appending';
import type { JobCache } from './jobCache';
import { Unreadable, readAct } from './readAct';

/** So often the log may have grown by someone else's acts before it is given up: it never is. */
const MOST_TRIES = 50;

/**
 * Adds a batch of acts to a job's log, each decided in turn against the log as it then stands.
 *
 * A bad act is refused by itself and does not hold up those behind it. All that are accepted are
 * stored together, by one statement that takes hold only where the log still ends as it was seen to
 * end; where it does not, what came meanwhile is read and all is decided again. An act sent before
 * with the same content is answered with the event it already is.
 *
 * Whether an act was sent before is looked for in the job's own log. That an id was used on another
 * job of the shop is for the database's key to find, and only then is it looked for there: it does
 * not happen by itself, and every act would pay for the asking.
 */
export function appendActs(
  cache: JobCache,
  sender: Sender,
  jobId: string,
  batch: Batch,
): Promise<Outcomes> {
  const acts = batch.acts.map((raw) => readAct(raw));
  return cache.inTurn(jobId, () => new Append(cache, sender, jobId, batch, acts).run());
}

type SentBefore = (job: Job) => Kept | Promise<Kept>;

/** One batch on its way into a log. */
class Append {
  private readonly key: StreamKey;
  private sentBefore: SentBefore = (job) => this.eventsOfLog(job);
  /** The database was told to store it and has not said whether it did. */
  private unknown = false;

  constructor(
    private readonly cache: JobCache,
    private readonly sender: Sender,
    private readonly jobId: string,
    private readonly batch: Batch,
    private readonly acts: readonly (Act | Unreadable)[],
  ) {
    this.key = { shopId: sender.shopId, streamKind: 'job', streamId: jobId };
  }

  async run(): Promise<Outcomes> {
    const { shopId } = this.sender;
    let job = await this.cache.last(shopId, this.jobId, this.seen());
    for (let tries = 0; tries < MOST_TRIES; tries += 1) {
      const decided = await this.decide(job);
      const { outcomes, appending } = decided;
      if (appending.events.length > 0) {
        if (await this.store(appending)) {
          this.cache.keep(shopId, this.jobId, appending.job);
          return { outcomes, headSeq: appending.job.log.headSeq };
        }
        appending.crib.forget();
      }
      const now = await this.reload();
      // Nothing to store, and nothing came meanwhile that could make another answer of it.
      if (appending.events.length === 0 && now.log.headSeq === job.log.headSeq)
        return { outcomes, headSeq: now.log.headSeq };
      job = now;
    }
    throw new ProblemError(503, 'database-away');
  }

  /** What the sender of these had seen before the first of them: it is there, though it be not known here. */
  private seen(): number {
    const [first] = this.acts;
    return first === undefined || first instanceof Unreadable ? 0 : first.seenSeq;
  }

  private async decide(job: Job) {
    const opens = this.acts.some(
      (act) => !(act instanceof Unreadable) && act.type === 'job.opened',
    );
    const isThere = job.log.length > 0;
    const head = isThere ? headOf(job.log.last) : opens ? BEGINNING : null;
    const kept = await this.sentBefore(job);
    const to = { sender: this.sender, jobId: this.jobId, batch: this.batch, kept };
    const appending = new Appending(to, job, head);
    const outcomes: Outcome[] = [];
    for (const [place, act] of this.acts.entries()) outcomes.push(await appending.take(act, place));
    return { outcomes, appending };
  }

  /** @returns whether it is stored; false where the log, or a tool's, has grown meanwhile */
  private async store({ head, events, crib }: Appending): Promise<boolean> {
    if (!head) throw new Error('nothing is added to a log that is not there');
    const growth = { head, events, at: this.batch.receivedAt, tools: crib.seen };
    try {
      return await append(this.key, growth);
    } catch (error) {
      if (isKeyTaken(error)) {
        this.sentBefore = () => this.eventsByActId();
        return false;
      }
      // Asked again, it finds by their ids what was stored; one that is silent is not asked again.
      if (!troubleOf(error) || isAnswered(error)) throw error;
      if (this.unknown || isSilent(error)) throw new ProblemError(503, 'outcome-unknown');
      this.unknown = true;
      return false;
    }
  }

  private reload(): Promise<Job> {
    return this.cache.load(this.sender.shopId, this.jobId).catch((error: unknown) => {
      throw this.unknown && troubleOf(error) ? new ProblemError(503, 'outcome-unknown') : error;
    });
  }

  /** Acts of the batch that the job's own log holds already. */
  private eventsOfLog({ log }: Job): Kept {
    const known = this.ids().flatMap((id) => log.byId(id) ?? []);
    return new Map(
      known.map((event) => [event.id, { event: event as JobEvent, streamId: this.jobId }]),
    );
  }

  /** Acts of the batch that some job of the shop holds already. */
  private async eventsByActId(): Promise<Kept> {
    const where = { shopId: this.sender.shopId, actId: this.ids() };
    const rows = await EventRow.findAll({ where, raw: true });
    return new Map(rows.map((row) => [row.actId, { event: row.event, streamId: row.streamId }]));
  }

  private ids(): string[] {
    return this.acts.flatMap((act) => (act instanceof Unreadable ? [] : [act.id]));
  }
}
