import type { KeptAct } from './kept';
import { AnsweredProblem, client } from '@cardinex/contract/client';
import { MOST_IN_BATCH } from '@cardinex/contract/acts/limits';
import type { JobEvent } from '@cardinex/core/job/act';
import { StorageFault } from './deviceDatabase';
import type { LedgerStorage } from './storage';
import { forgetMade, waitedMs } from './waited';

const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 5000;

/** Why nothing goes out: no answer came, nobody is signed in here any more, or this device cannot write. */
export type Away = 'no-answer' | 'sign-in' | 'device' | null;

interface OutboxListener {
  /** Events the server made of acts, or knew already. */
  readonly arrived: (jobId: string, events: readonly JobEvent[]) => void;
  /** The outbox changed in another way: something was refused, or sending began to fail or work. */
  readonly changed: () => void;
}

/**
 * Sends what the device keeps, in order, until it is empty. Only one tab sends at a time. A send
 * that gets no answer is tried again, a little later each time; the server knows an act by its id,
 * so sending twice does no harm.
 */
export class Outbox {
  /** Why the last send did not go through. */
  away: Away = null;
  private waitMs = FIRST_WAIT_MS;
  private timer: ReturnType<typeof setTimeout> | null = null;
  private running = false;
  private again = false;
  private closed = false;

  constructor(
    private readonly storage: LedgerStorage,
    private readonly lockName: string,
    private readonly listener: OutboxListener,
  ) {
    window.addEventListener('online', this.nudge);
  }

  close(): void {
    this.closed = true;
    window.removeEventListener('online', this.nudge);
    if (this.timer) clearTimeout(this.timer);
  }

  /** Something may be waiting to go out. */
  readonly nudge = (): void => {
    if (this.running) {
      this.again = true;
      return;
    }
    if (this.timer) clearTimeout(this.timer);
    this.running = true;
    void this.sendAll().finally(() => {
      this.running = false;
      if (this.again && this.away === null) {
        this.again = false;
        this.nudge();
      }
    });
  };

  private async sendAll(): Promise<void> {
    try {
      await onlyOneTab(this.lockName, () => this.sendInTurn());
      this.setAway(null);
    } catch (error) {
      this.setAway(whyAway(error));
      this.again = false;
      if (!this.closed) this.timer = setTimeout(this.nudge, this.waitMs);
      this.waitMs = Math.min(this.waitMs * 2, LONGEST_WAIT_MS);
    }
  }

  private setAway(away: Away): void {
    if (away === null) this.waitMs = FIRST_WAIT_MS;
    if (this.away === away) return;
    this.away = away;
    this.listener.changed();
  }

  private async sendInTurn(): Promise<void> {
    /** Made before it was known that an act before them is refused. */
    const behind = new Set<string>();
    for (;;) {
      const waiting = (await this.storage.allKept()).filter((stored) => !stored.problem);
      const jobId = waiting[0]?.jobId;
      if (this.closed) return;
      if (jobId === undefined) return this.sendPhotographs();
      const ofJob = waiting.filter((kept) => kept.jobId === jobId);
      const batch = ofJob.slice(0, MOST_IN_BATCH);
      const isBehind = batch.every(({ act }) => behind.has(act.id));
      if (await this.sendBatch(jobId, batch, isBehind)) {
        ofJob.slice(batch.length).forEach(({ act }) => behind.add(act.id));
      }
    }
  }

  /** Pictures follow the acts that tell of them, one at a time: a thin line is not to be choked. */
  private async sendPhotographs(): Promise<void> {
    for (;;) {
      const photograph = await this.storage.nextToSend();
      if (!photograph?.picture || this.closed || this.again) return;
      const { id, jobId, small, picture } = photograph;
      const problem = await client.sendPhotograph(jobId, id, picture).then(
        () => null,
        (error: unknown) => refusedForGood(error),
      );
      await this.storage.keepPhotograph(
        problem === null ? { id, jobId, small } : { ...photograph, problem },
      );
      this.listener.changed();
    }
  }

  /** @returns whether any act of it was refused */
  private async sendBatch(
    jobId: string,
    batch: readonly KeptAct[],
    isBehind: boolean,
  ): Promise<boolean> {
    const { outcomes } = await client
      .sendActs(
        jobId,
        batch.map(({ act }) => act),
        batch.map(({ act }) => waitedMs(act.id)),
        isBehind,
      )
      .catch((error: unknown) => refusedWhole(error, batch));
    const events = outcomes.flatMap((outcome) =>
      outcome.status === 'refused' ? [] : [outcome.event],
    );
    const refusals = outcomes.flatMap((outcome, place) => {
      const kept = batch[place];
      return outcome.status === 'refused' && kept ? [{ ...kept, problem: outcome.problem }] : [];
    });
    batch.forEach(({ act }) => forgetMade(act.id));
    if (events.length > 0) {
      // Also where this device cannot write it down: the server has them, and the screen shows it.
      this.listener.arrived(jobId, events);
      await this.storage.putEvents(jobId, events);
    }
    if (refusals.length > 0) {
      await this.storage.refuse(refusals);
      this.listener.changed();
    }
    return refusals.length > 0;
  }
}

function whyAway(error: unknown): Exclude<Away, null> {
  if (error instanceof StorageFault) return 'device';
  return isSignedOut(error) ? 'sign-in' : 'no-answer';
}

function isSignedOut(error: unknown): boolean {
  return error instanceof AnsweredProblem && error.problem.status === 401;
}

/** A post refused as a whole for what it holds; anything that may pass later is thrown on. */
function refusedWhole(error: unknown, batch: readonly KeptAct[]) {
  if (!(error instanceof AnsweredProblem)) throw error;
  const { status, code, title, detail, field } = error.problem;
  if (status === 401 || status === 429 || status >= 500) throw error;
  const problem = { status, code, title, detail, ...(field !== undefined && { field }) };
  return {
    outcomes: batch.map((stored) => ({ status: 'refused' as const, id: stored.act.id, problem })),
  };
}

/** Why a picture will never be taken; anything that may pass later is thrown on. */
function refusedForGood(error: unknown): string {
  if (!(error instanceof AnsweredProblem)) throw error;
  const { status, detail } = error.problem;
  if (status === 401 || status === 429 || status >= 500) throw error;
  return detail;
}

/** Browsers offer locks only over https and on loopback; elsewhere every tab sends, harmlessly. */
async function onlyOneTab(name: string, work: () => Promise<void>): Promise<void> {
  if (!('locks' in navigator)) return work();
  await navigator.locks.request(name, work);
}
