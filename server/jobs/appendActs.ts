import { createHash } from 'node:crypto';
import { UniqueConstraintError, type Sequelize, type Transaction } from 'sequelize';
import { actSchema } from '@cardinex/contract/acts/act';
import type { Outcome, Outcomes } from '@cardinex/contract/acts/outcome';
import type { Act, JobEvent, Stamp } from '@cardinex/core/job/act';
import { FIRST_PREVIOUS_HASH, canonicalJson, chainText } from '@cardinex/core/job/chain';
import { decide } from '@cardinex/core/job/decide';
import { evolve } from '@cardinex/core/job/evolve';
import type { Role } from '@cardinex/core/job/roles';
import { EMPTY_JOB, headSeq, type JobState } from '@cardinex/core/job/state';
import { refusalSentence } from '@cardinex/words/en/refusals';
import { pointFaults } from '@cardinex/contract/sheets/readPoints';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { variantOf } from '@cardinex/core/sheet/variants';
import { EMPTY_STREAM, EventRow, Stream } from '../database/models';
import { troubleOf } from '../database/trouble';
import { ProblemError, problemOfZod } from '../problems/problem';
import type { JobCache } from './jobCache';
import { sheetRevision } from '../sheets/sheets';

/** Clocks further off than this are flagged on the event; nothing is refused for it. */
const CLOCK_OFF_MS = 2 * 60 * 1000;

export interface Sender {
  readonly shopId: string;
  readonly device: string;
  /** Role and freshness of proof of a member signed in on this device; null for anyone else. */
  readonly member: (id: string) => {
    readonly role: Role;
    /** When they last proved themselves on this device: ISO time. */
    readonly provedAt: string;
    readonly fresh: boolean;
  } | null;
}

export interface Batch {
  readonly acts: readonly unknown[];
  readonly sentAt: string;
  readonly receivedAt: Date;
  /** An act sent before them was refused, which their sender did not know yet. */
  readonly behindRefused?: boolean | undefined;
}

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

type Kept = Map<string, { event: JobEvent; streamId: string }>;

async function appendOnce(
  {
    sequelize,
    cache,
    sender,
    jobId,
    batch,
  }: {
    readonly sequelize: Sequelize;
    readonly cache: JobCache;
    readonly sender: Sender;
    readonly jobId: string;
    readonly batch: Batch;
  },
  sentBefore: SentBefore,
): Promise<Outcomes> {
  let committing = false;
  const append = async (transaction: Transaction) => {
    const parsed = batch.acts.map((raw) => parseAct(raw));
    const stream = await lockStream(sender.shopId, jobId, parsed, batch.receivedAt, transaction);
    const head = stream && { seq: stream.headSeq, hash: stream.headHash };
    const state = head ? await cache.load(sender.shopId, jobId, transaction, head) : EMPTY_JOB;
    const kept = await sentBefore(state, parsed, transaction);
    const appending = new Appending(
      sender,
      jobId,
      batch,
      state,
      stream?.headHash ?? null,
      kept,
      transaction,
    );
    const outcomes: Outcome[] = [];
    for (const act of parsed) {
      outcomes.push(await appending.take(act));
    }
    await store(sender.shopId, jobId, appending.events, transaction);
    if (stream && stream.headSeq === 0 && appending.events.length === 0)
      throw new NothingKept(outcomes);
    committing = true;
    return { outcomes, state: appending.state };
  };
  try {
    const { outcomes, state } = await sequelize.transaction(append);
    cache.keep(sender.shopId, jobId, state);
    return { outcomes, headSeq: headSeq(state) };
  } catch (error) {
    if (error instanceof NothingKept) return { outcomes: error.outcomes, headSeq: 0 };
    throw committing && troubleOf(error) ? new OutcomeUnknown() : error;
  }
}

/** Takes acts one by one, carrying the log forward in memory until all are stored. */
class Appending {
  readonly events: JobEvent[] = [];
  /** Whoever sent what comes next did not know yet that an act before it is refused. */
  private behindRefused: boolean;

  constructor(
    private readonly sender: Sender,
    private readonly jobId: string,
    private readonly batch: Batch,
    public state: JobState,
    private headHash: string | null,
    private readonly kept: Kept,
    private readonly transaction: Transaction,
  ) {
    this.behindRefused = batch.behindRefused ?? false;
  }

  async take(act: Act | Unreadable): Promise<Outcome> {
    if (act instanceof Unreadable) {
      this.behindRefused = true;
      return act.outcome();
    }
    try {
      const before = this.kept.get(act.id);
      if (before) return this.duplicate(act, before);
      const stamp = await this.require(act);
      return { status: 'accepted', id: act.id, event: this.add(act, stamp) };
    } catch (error) {
      if (error instanceof ProblemError) {
        this.behindRefused = true;
        return refusedOutcome(act.id, error);
      }
      throw error;
    }
  }

  private duplicate(act: Act, before: { event: JobEvent; streamId: string }): Outcome {
    const same =
      before.streamId === this.jobId && canonicalJson(actOf(before.event)) === canonicalJson(act);
    if (!same) throw new ProblemError(409, 'act-id-taken');
    return { status: 'duplicate', id: act.id, event: before.event };
  }

  /** @returns what the log says of it besides */
  private async require(act: Act): Promise<Stamp> {
    if (act.device !== this.sender.device)
      throw new ProblemError(403, 'wrong-device', undefined, 'device');
    const member = this.sender.member(act.by);
    if (!member) throw new ProblemError(403, 'not-signed-in-here', undefined, 'by');
    if (this.headHash === null) throw new ProblemError(404, 'no-such-job');
    const names = act.type === 'job.opened' || act.type === 'sheet.taken';
    const pinned = names ? act.data.sheet : this.state.opened?.sheet;
    if (!pinned) throw new ProblemError(404, 'no-such-job');
    const revision = await sheetRevision(
      this.sender.shopId,
      pinned.id,
      pinned.revision,
      this.transaction,
    );
    if (!revision || revision.hash !== pinned.hash) {
      throw new ProblemError(
        422,
        'wrong-sheet',
        refusalSentence({ code: 'wrong-sheet' }),
        'data.sheet',
      );
    }
    this.requireShape(act, revision.sheet);
    const now = this.batch.receivedAt.toISOString();
    const context = {
      now,
      sheet: revision.sheet,
      member: { id: act.by, ...member },
      behindRefused: this.behindRefused,
    };
    const verdict = decide(this.state, act, context);
    if (!verdict.ok)
      throw new ProblemError(422, verdict.refusal.code, refusalSentence(verdict.refusal));
    return verdict.stamp ?? {};
  }

  /** What a leaflet says must be what a sheet can hold there: every card reads it as such. */
  private requireShape(act: Act, pinned: EngineSheet): void {
    if (act.type !== 'leaflet.entered' && act.type !== 'deviation.entered') return;
    const [fault] = pointFaults(variantOf(pinned, this.state.variant), act.data.points);
    if (fault)
      throw new ProblemError(422, 'bad-field', `${fault.at}: ${fault.says}`, `data.${fault.at}`);
  }

  private add(act: Act, stamp: Stamp): JobEvent {
    const clockOffMs = Date.parse(this.batch.sentAt) - this.batch.receivedAt.getTime();
    const unhashed = {
      ...act,
      seq: headSeq(this.state) + 1,
      receivedAt: this.batch.receivedAt.toISOString(),
      ...(Math.abs(clockOffMs) > CLOCK_OFF_MS && { clockOffMs }),
      ...stamp,
      previousHash: this.headHash ?? FIRST_PREVIOUS_HASH,
    };
    const event: JobEvent = { ...unhashed, hash: sha256(chainText(unhashed)) };
    this.events.push(event);
    this.headHash = event.hash;
    this.state = evolve(this.state, event);
    this.kept.set(act.id, { event, streamId: this.jobId });
    return event;
  }
}

/** An act that is not even an act; its place in the batch still gets an answer. */
class Unreadable {
  constructor(
    private readonly id: string | null,
    private readonly problem: ProblemError,
  ) {}

  outcome(): Outcome {
    return refusedOutcome(this.id, this.problem);
  }
}

function parseAct(raw: unknown): Act | Unreadable {
  const parsed = actSchema.safeParse(raw);
  if (parsed.success) return parsed.data;
  const id =
    typeof raw === 'object' && raw !== null && 'id' in raw && typeof raw.id === 'string'
      ? raw.id.slice(0, 80)
      : null;
  const unknownType = parsed.error.issues.some(
    (issue) => issue.code === 'invalid_union' && issue.path.join('.') === 'type',
  );
  const problem = unknownType
    ? new ProblemError(422, 'newer-app', undefined, 'type')
    : problemOfZod(parsed.error);
  return new Unreadable(id, problem);
}

function refusedOutcome(id: string | null, problem: ProblemError): Outcome {
  const { status, code, title, detail, field } = problem.toBody();
  return {
    status: 'refused',
    id,
    problem: { status, code, title, detail, ...(field && { field }) },
  };
}

/** The act as it was sent, without what the server added. */
function actOf(event: JobEvent): object {
  const { seq: _s, receivedAt: _r, previousHash: _p, hash: _h, clockOffMs: _c, ...stamped } = event;
  const { pending: _w, reopens: _o, ground: _g, behindRefused: _b, ...act } = stamped;
  return act;
}

/** Holds the job's stream until commit; makes it first when the batch opens the job. */
async function lockStream(
  shopId: string,
  streamId: string,
  acts: readonly (Act | Unreadable)[],
  begunAt: Date,
  transaction: Transaction,
): Promise<Stream | null> {
  if (acts.some((act) => !(act instanceof Unreadable) && act.type === 'job.opened')) {
    await Stream.bulkCreate([{ shopId, streamKind: 'job', streamId, ...EMPTY_STREAM, begunAt }], {
      ignoreDuplicates: true,
      transaction,
    });
  }
  return Stream.findOne({
    where: { shopId, streamKind: 'job', streamId },
    lock: transaction.LOCK.UPDATE,
    transaction,
  });
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

async function store(
  shopId: string,
  streamId: string,
  events: readonly JobEvent[],
  transaction: Transaction,
): Promise<void> {
  const last = events.at(-1);
  if (!last) return;
  const stream = { shopId, streamKind: 'job' as const, streamId };
  await EventRow.bulkCreate(
    events.map((event) => ({ ...stream, seq: event.seq, actId: event.id, event })),
    { transaction },
  );
  await Stream.update({ headSeq: last.seq, headHash: last.hash }, { where: stream, transaction });
}

function sha256(text: string): string {
  return createHash('sha256').update(text, 'utf8').digest('hex');
}
