import { v7 as uuidv7 } from 'uuid';
import { formatISO } from 'date-fns/formatISO';
import type { SheetRevision } from '@cardinex/contract/api';
import type { Act, ActData, ActType, JobEvent, LoggedAct } from '@cardinex/core/job/act';
import type { Role } from '@cardinex/core/job/roles';
import { decide } from '@cardinex/core/job/decide';
import { evolve, fold } from '@cardinex/core/job/evolve';
import type { Verdict } from '@cardinex/core/job/refusal';
import { EMPTY_JOB, headSeq, type JobState } from '@cardinex/core/job/state';
import { fetchJob } from './fetchJob';
import { LiveLog } from './liveLog';
import type { KeptAct, LedgerStorage } from './storage';

export interface Actor {
  readonly id: string;
  readonly role: Role;
  readonly device: string;
  readonly unproved: boolean;
  /** When the PIN was last proved on this device. */
  readonly provedAt: string | undefined;
}

/** A proof this recent lets an override through; the server has the last word. */
const FRESH_PROOF_MS = 10 * 60 * 1000;

function isFresh({ unproved, provedAt }: Actor, now: number): boolean {
  return !unproved && provedAt !== undefined && now - Date.parse(provedAt) < FRESH_PROOF_MS;
}

export interface LedgerView {
  readonly status: 'loading' | 'ready' | 'missing' | 'unreachable';
  readonly state: JobState;
  readonly sheet: SheetRevision | null;
  /** Acts not yet in the server's log. */
  readonly waiting: number;
  readonly refused: readonly KeptAct[];
}

const LOADING: LedgerView = {
  status: 'loading',
  state: EMPTY_JOB,
  sheet: null,
  waiting: 0,
  refused: [],
};

/**
 * One job on this device: the server's log, then what the outbox still holds, folded into one
 * state. Knows nothing of React; a screen subscribes and reads `view`.
 */
export class JobLedger {
  view: LedgerView = LOADING;
  private confirmed: JobState = EMPTY_JOB;
  private kept: readonly KeptAct[] = [];
  private readonly listeners = new Set<() => void>();
  private readonly live: LiveLog;
  /** Whatever changes this copy of the log waits its turn here, so that nothing is folded twice. */
  private turn: Promise<void> = Promise.resolve();

  constructor(
    readonly jobId: string,
    private readonly storage: LedgerStorage,
    private readonly onKept: () => void,
  ) {
    this.live = new LiveLog(
      jobId,
      () => headSeq(this.confirmed),
      (event) => this.receive([event]),
    );
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    this.listenIfKnown();
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) this.live.close();
    };
  };

  readonly getView = (): LedgerView => this.view;

  /** Reads what the device holds; asks the server only when it holds nothing. */
  load(): Promise<void> {
    return this.inTurn(async () => {
      const [sheet, events, kept] = await Promise.all([
        this.storage.sheetOf(this.jobId),
        this.storage.eventsOf(this.jobId),
        this.storage.keptOf(this.jobId),
      ]);
      this.kept = kept;
      // A sheet alone is a job begun here whose opening was never written: not a job.
      if (!sheet || events.length + kept.length === 0) return this.fetchWhole();
      this.confirmed = fold(events);
      this.publish('ready', sheet);
    });
  }

  /** Puts a new job onto this device, before the server knows of it. */
  begin(sheet: SheetRevision): Promise<void> {
    return this.inTurn(async () => {
      await this.storage.putSheet(this.jobId, sheet);
      this.publish('ready', sheet);
    });
  }

  /**
   * Records an act: decided here first, then written to the outbox. Resolves once the write is on
   * the disk, with the state already moved on.
   */
  record<T extends ActType>(type: T, data: ActData[T], actor: Actor): Promise<Verdict> {
    return this.recordAll([{ type, data } as NewAct], actor);
  }

  /**
   * Records several acts in order, all or none: each is decided on what those before it come to, and
   * all are written together.
   */
  async recordAll(acts: readonly NewAct[], actor: Actor): Promise<Verdict> {
    const { sheet, state } = this.view;
    if (!sheet) return { ok: false, refusal: { code: 'not-open' } };
    const now = formatISO(new Date());
    const make = ({ type, data }: NewAct, count: number): Act =>
      ({
        id: uuidv7(),
        v: 1,
        type,
        at: now,
        by: actor.id,
        device: actor.device,
        count,
        seenSeq: headSeq(this.confirmed),
        ...(actor.unproved && { unproved: true }),
        data,
      }) as unknown as Act;
    const member = { id: actor.id, role: actor.role, fresh: isFresh(actor, Date.parse(now)) };
    let after = state;
    for (const one of acts) {
      const act = make(one, 1);
      const verdict = decide(after, act, { now, sheet: sheet.sheet, member });
      if (!verdict.ok) return verdict;
      if (acts.length > 1) after = evolve(after, asLogged(act, after));
    }
    const kept = await this.storage.keep(
      this.jobId,
      acts.map((one) => (count: number) => make(one, count)),
    );
    this.kept = [...this.kept, ...kept.map((act) => ({ place: Infinity, jobId: this.jobId, act }))];
    this.publish();
    this.onKept();
    return { ok: true };
  }

  /**
   * Goes on by a newer revision of the job's sheet: recorded as an act, and its figures kept here at
   * once.
   */
  async takeSheet(revision: SheetRevision, words: string, actor: Actor): Promise<Verdict> {
    const { sheet, hash } = revision;
    const named = { id: sheet.id, revision: sheet.revision, hash };
    const verdict = await this.record('sheet.taken', { sheet: named, words }, actor);
    if (verdict.ok) await this.begin(revision);
    return verdict;
  }

  /** Takes events of the server's log, from an answer or from the live stream, in any order. */
  receive(events: readonly JobEvent[]): void {
    void this.inTurn(() => this.takeIn(events));
  }

  /** Reads the device's copy again: another tab, or the server, has changed it. */
  reload(): void {
    void this.inTurn(async () => {
      const events = await this.storage.eventsOf(this.jobId, headSeq(this.confirmed));
      this.kept = await this.storage.keptOf(this.jobId);
      this.confirmed = events.reduce(evolve, this.confirmed);
      this.publish();
      if (this.isBesideItsSheet()) await this.fetchWhole();
    });
  }

  private inTurn(work: () => Promise<void> | void): Promise<void> {
    const done = this.turn.then(work);
    this.turn = done.catch(() => undefined);
    return done;
  }

  private async takeIn(events: readonly JobEvent[]): Promise<void> {
    const head = headSeq(this.confirmed);
    const fresh = events.filter((event) => event.seq > head).sort((a, b) => a.seq - b.seq);
    const first = fresh[0];
    if (!first) return;
    if (first.seq !== head + 1) return this.fetchWhole();
    await this.storage.putEvents(this.jobId, fresh);
    this.confirmed = fresh.reduce(evolve, this.confirmed);
    const arrived = new Set(fresh.map((event) => event.id));
    this.kept = this.kept.filter((kept) => !arrived.has(kept.act.id));
    this.publish();
    if (this.isBesideItsSheet()) await this.fetchWhole();
  }

  /**
   * Is the sheet held here another revision than the job runs on? Someone else took a newer one, or
   * the server did not accept that it was taken here: its figures come with the whole job.
   */
  private isBesideItsSheet(): boolean {
    const pinned = this.view.state.opened?.sheet.hash;
    return pinned !== undefined && this.view.sheet !== null && pinned !== this.view.sheet.hash;
  }

  private async fetchWhole(): Promise<void> {
    try {
      const { sheet, events } = await fetchJob(this.storage, this.jobId);
      this.kept = await this.storage.keptOf(this.jobId);
      this.confirmed = fold(events);
      this.publish('ready', sheet);
    } catch (error) {
      const missing = error instanceof Error && error.name === 'AnsweredProblem';
      if (!this.view.sheet) this.publish(missing ? 'missing' : 'unreachable', null);
    }
  }

  /** The live log is opened once the server is known to have the job, from where this copy ends. */
  private listenIfKnown(): void {
    if (this.listeners.size > 0 && headSeq(this.confirmed) > 0) this.live.open();
  }

  private publish(status = this.view.status, sheet = this.view.sheet): void {
    const waiting = this.kept.filter((kept) => !kept.problem);
    this.view = {
      status,
      sheet,
      state: waiting.reduce(
        (state, kept) => evolve(state, asLogged(kept.act, state)),
        this.confirmed,
      ),
      waiting: waiting.length,
      refused: this.kept.filter((kept) => kept.problem),
    };
    this.listenIfKnown();
    this.listeners.forEach((listener) => listener());
  }
}

/** An act before it is anybody's: what was done. */
export type NewAct = {
  readonly [T in ActType]: { readonly type: T; readonly data: ActData[T] };
}[ActType];

/** An act of the outbox as it will stand in the log, not received yet. */
function asLogged(act: Act, state: JobState): LoggedAct {
  return { ...act, seq: headSeq(state) + 1, receivedAt: null };
}
