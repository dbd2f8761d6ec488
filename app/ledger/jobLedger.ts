import type { Refused } from '@cardinex/contract/acts/outcome';
import type { KeptAct } from './kept';
import type { Verdict } from '@cardinex/core/job/verdict';
import { v7 as uuidv7 } from 'uuid';
import { formatISO } from 'date-fns/formatISO';
import type { SheetRevision } from '@cardinex/contract/sheets/revisions';
import { AnsweredProblem, client } from '@cardinex/contract/client';
import type { Act, ActData, ActType, JobEvent, LoggedAct } from '@cardinex/core/job/act';
import type { Role } from '@cardinex/core/job/roles';
import { decide } from '@cardinex/core/job/decide';
import { groundsOf } from '@cardinex/core/job/grounds';
import { isFreshProof } from '@cardinex/core/job/proof';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { evolve, fold } from '@cardinex/core/job/evolve';
import type { Refusal } from '@cardinex/core/job/refusal';
import { EMPTY_JOB } from '@cardinex/core/job/emptyJob';
import type { Job } from '@cardinex/core/job/job';
import { StorageFault, type StorageTrouble } from './deviceDatabase';
import { fetchJob, onlyStorage } from './fetchJob';
import { LiveLog } from './liveLog';
import type { LedgerStorage } from './storage';
import { noteMade, waitedMs } from './waited';

export interface Actor {
  readonly id: string;
  readonly role: Role;
  readonly device: string;
  readonly unproved: boolean;
  /** When the PIN was last proved on this device. */
  readonly provedAt: string | undefined;
}

/** The server has the last word: what it knows of is the proof it has seen. */
function isFresh({ unproved, provedAt }: Actor, now: string): boolean {
  return !unproved && isFreshProof(provedAt, now);
}

interface LedgerView {
  readonly status: 'loading' | 'ready' | 'missing' | 'unreachable';
  /** Why the server does not give it, in its own sentence, where that is not that there is none. */
  readonly problem?: string;
  readonly job: Job;
  readonly sheet: SheetRevision | null;
  /** Acts not yet in the server's log. */
  readonly waiting: number;
  readonly refused: readonly KeptAct[];
}

const LOADING: LedgerView = {
  status: 'loading',
  job: EMPTY_JOB,
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
  private confirmed: Job = EMPTY_JOB;
  private kept: readonly KeptAct[] = [];
  /** In the server's log, though this device could not write it down: its outbox may hold them still. */
  private readonly arrived = new Set<string>();
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
      () => this.confirmed.log.headSeq,
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
      const read = await Promise.all([
        this.storage.sheetOf(this.jobId),
        this.storage.eventsOf(this.jobId),
        this.storage.keptOf(this.jobId),
      ]).catch((error: unknown) => onlyStorage(error));
      // What cannot be read here is fetched as if nothing were.
      if (!read) return this.fetchWhole();
      const [sheet, events, kept] = read;
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
      // A sheet that finds no room is said with the act that needs it.
      await this.storage.putSheet(this.jobId, sheet).catch(onlyStorage);
      this.publish('ready', sheet);
    });
  }

  /**
   * Records an act: decided here first, then written to the outbox. Resolves once the write is on
   * the disk, with the state already moved on.
   */
  record<T extends ActType>(type: T, data: ActData[T], actor: Actor): Promise<Recorded> {
    return this.recordAll([{ type, data } as NewAct], actor);
  }

  /**
   * Records several acts in order, all or none: each is decided on what those before it come to, and
   * all are written together.
   * @param at when it was done, where that was before: an act tried again keeps its time
   */
  async recordAll(
    acts: readonly NewAct[],
    actor: Actor,
    at = formatISO(new Date()),
  ): Promise<Recorded> {
    const made = this.decideAll(acts, actor, at);
    if (!made.ok) return made;
    const { makeActs } = made;
    try {
      const kept = await this.storage.keep(this.jobId, makeActs, this.countedBy(actor.device));
      kept.forEach(({ id }) => noteMade(id));
      this.kept = [
        ...this.kept,
        ...kept.map((act) => ({ place: Infinity, jobId: this.jobId, act })),
      ];
    } catch (error) {
      if (!(error instanceof StorageFault)) throw error;
      return { ok: false, unkept: { acts, actor, at, trouble: error.trouble } };
    }
    this.publish();
    this.onKept();
    return { ok: true };
  }

  /**
   * Sends what this device could not write straight to the server, behind what still waits here.
   * Resolves to why rules or server do not accept it, if so.
   * @throws when no answer came
   */
  async sendStraight({ acts, actor, at }: Unkept): Promise<Sent> {
    const made = this.decideAll(acts, actor, at);
    if (!made.ok) return made;
    const first = this.storage.nextCount(this.jobId, this.countedBy(actor.device));
    const straight = made.makeActs.map((make, place) => make(first + place));
    const waiting = this.kept.filter(({ problem }) => !problem).map(({ act }) => act);
    const all = [...waiting, ...straight];
    const { outcomes } = await client.sendActs(
      this.jobId,
      all,
      all.map(({ id }) => waitedMs(id)),
    );
    const events = outcomes.flatMap((entry) => (entry.status === 'refused' ? [] : [entry.event]));
    const refused = outcomes
      .slice(waiting.length)
      .flatMap((item) => (item.status === 'refused' ? [item.problem] : []));
    if (refused.length === 0) this.storage.counted(this.jobId, first + straight.length - 1);
    await this.inTurn(() => this.takeIn(events));
    const [problem] = refused;
    return problem === undefined ? { ok: true } : { ok: false, problem };
  }

  /** The acts as they would be sent, for a file that can be handed on. */
  unkeptActs({ acts, actor, at }: Unkept): readonly Act[] {
    const made = this.decideAll(acts, actor, at);
    const first = this.storage.nextCount(this.jobId, this.countedBy(actor.device));
    return made.ok ? made.makeActs.map((make, place) => make(first + place)) : [];
  }

  /** How far a device has counted its acts on this job, by all that is known of it here. */
  private countedBy(device: string): number {
    return this.view.job.log.acts.reduce(
      (most, act) => (act.device === device ? Math.max(most, act.count) : most),
      0,
    );
  }

  /** Decides acts in order, each on what those before it come to. */
  private decideAll(
    acts: readonly NewAct[],
    actor: Actor,
    now: string,
  ):
    | { readonly ok: true; readonly makeActs: readonly ((count: number) => Act)[] }
    | { readonly ok: false; readonly refusal: Refusal } {
    const { sheet, job } = this.view;
    if (!sheet) return { ok: false, refusal: { code: 'not-open' } };
    const bare = ({ type, data }: NewAct, count: number): Act =>
      ({
        id: uuidv7(),
        v: 1,
        type,
        at: now,
        by: actor.id,
        device: actor.device,
        count,
        seenSeq: this.confirmed.log.headSeq,
        ...(actor.unproved && { unproved: true }),
        data,
      }) as unknown as Act;
    const figures = sheetOfJob(sheet.sheet, job.state);
    const make = (each: NewAct, count: number): Act => {
      const act = bare(each, count);
      const restedOn = groundsOf(job, act, figures).map(({ id }) => id);
      return restedOn.length > 0 ? { ...act, restedOn } : act;
    };
    const member = { id: actor.id, role: actor.role, fresh: isFresh(actor, now) };
    let after = job;
    for (const one of acts) {
      const act = make(one, 1);
      const verdict = decide(after, act, { now, sheet: sheet.sheet, member });
      if (!verdict.ok) return verdict;
      if (acts.length > 1) after = evolve(after, asLogged(act, after));
    }
    return { ok: true, makeActs: acts.map((one) => (count: number) => make(one, count)) };
  }

  /**
   * Goes on by a newer revision of the job's sheet: recorded as an act, and its figures kept here at
   * once.
   */
  async takeSheet(revision: SheetRevision, words: string, actor: Actor): Promise<Recorded> {
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
      const read = await Promise.all([
        this.storage.eventsOf(this.jobId, this.confirmed.log.headSeq),
        this.storage.keptOf(this.jobId),
      ]).catch((error: unknown) => onlyStorage(error));
      if (!read) return;
      const [events, kept] = read;
      this.kept = kept.filter(({ act }) => !this.arrived.has(act.id));
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
    const head = this.confirmed.log.headSeq;
    const fresh = events.filter((event) => event.seq > head).sort((a, b) => a.seq - b.seq);
    const first = fresh[0];
    if (!first) return;
    if (first.seq !== head + 1) return this.fetchWhole();
    // What finds no room here is worked with all the same; it is fetched again when there is.
    const stored = await this.storage.putEvents(this.jobId, fresh).then(
      () => true,
      (error: unknown) => onlyStorage(error),
    );
    this.confirmed = fresh.reduce(evolve, this.confirmed);
    if (!stored) fresh.forEach(({ id }) => this.arrived.add(id));
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
    const pinned = this.view.job.state.opened?.sheet.hash;
    return pinned !== undefined && this.view.sheet !== null && pinned !== this.view.sheet.hash;
  }

  private async fetchWhole(): Promise<void> {
    try {
      const { sheet, events } = await fetchJob(this.storage, this.jobId);
      const kept = await this.storage
        .keptOf(this.jobId)
        .catch((error: unknown) => onlyStorage(error));
      const known = new Set(events.map(({ id }) => id));
      this.kept = (kept ?? this.kept).filter(({ act }) => !known.has(act.id));
      this.confirmed = fold(events);
      this.publish('ready', sheet);
    } catch (error) {
      if (this.view.sheet) return;
      const problem = error instanceof AnsweredProblem ? error.problem : null;
      if (problem && problem.status < 500) return this.publish('missing', null);
      this.publish('unreachable', null, problem?.detail);
    }
  }

  /** The live log is opened once the server is known to have the job, from where this copy ends. */
  private listenIfKnown(): void {
    if (this.listeners.size > 0 && this.confirmed.log.headSeq > 0) this.live.open();
  }

  private publish(status = this.view.status, sheet = this.view.sheet, problem?: string): void {
    const waiting = this.kept.filter((kept) => !kept.problem);
    this.view = {
      status,
      sheet,
      ...(problem !== undefined && { problem }),
      job: waiting.reduce((job, kept) => evolve(job, asLogged(kept.act, job)), this.confirmed),
      waiting: waiting.length,
      refused: this.kept.filter((kept) => kept.problem),
    };
    this.listenIfKnown();
    this.listeners.forEach((listener) => listener());
  }
}

/** What came of recording: accepted and on the disk, refused by the rules, or not written down. */
export type Recorded = Verdict | { readonly ok: false; readonly unkept: Unkept };

/** What came of sending straight to the server; `problem` is the server's own answer. */
type Sent = Verdict | { readonly ok: false; readonly problem: Refused };

/** What the rules accept and this device could not write: it is nowhere until someone sees to it. */
export interface Unkept {
  readonly acts: readonly NewAct[];
  readonly actor: Actor;
  readonly at: string;
  readonly trouble: StorageTrouble;
}

/** An act before it is anybody's: what was done. */
export type NewAct = {
  readonly [T in ActType]: { readonly type: T; readonly data: ActData[T] };
}[ActType];

/** An act of the outbox as it will stand in the log, not received yet. */
function asLogged(act: Act, { log }: Job): LoggedAct {
  return { ...act, seq: log.headSeq + 1, receivedAt: null };
}
