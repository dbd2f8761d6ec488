import type { KeptAct } from './kept';
import { afterPaint } from '../device/afterPaint';
import { idle } from '../device/idle';
import { fetchJob } from './fetchJob';
import { JobLedger } from './jobLedger';
import { Outbox, type Away } from './outbox';
import { LedgerStorage } from './storage';

/**
 * All the jobs this tab has open, their common storage and their one outbox. Tabs tell each other
 * when they have kept or received something.
 */
export class Ledgers {
  private readonly jobs = new Map<string, JobLedger>();
  private readonly listeners = new Set<() => void>();
  private readonly outbox: Outbox;
  private readonly channel: BroadcastChannel;
  private bringing = false;

  private constructor(
    readonly storage: LedgerStorage,
    instance: string,
  ) {
    this.channel = new BroadcastChannel(`cardinex-${instance}`);
    this.channel.onmessage = () => this.reloadAll();
    this.outbox = new Outbox(storage, `cardinex-outbox-${instance}`, {
      arrived: (jobId, events) => {
        this.jobs.get(jobId)?.receive(events);
        this.changed();
      },
      changed: () => {
        this.reloadAll();
        this.changed();
      },
    });
    this.outbox.nudge();
  }

  static async open(instance: string): Promise<Ledgers> {
    // Asked for, because a browser short of room clears what it was not asked to keep. Not there over plain HTTP.
    if ('storage' in navigator) void navigator.storage.persist().catch(() => undefined);
    return new Ledgers(await LedgerStorage.open(instance), instance);
  }

  close(): void {
    this.outbox.close();
    this.channel.close();
  }

  /** Called when something was kept, sent or refused on any job. */
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Why nothing goes out just now; null when it does. */
  readonly getAway = (): Away => this.outbox.away;

  job(jobId: string): JobLedger {
    const known = this.jobs.get(jobId);
    if (known) return known;
    const ledger = new JobLedger(jobId, this.storage, () => {
      this.changed();
      // It is on the disk: the next act is shown before this one is sent.
      afterPaint(this.outbox.nudge);
    });
    this.jobs.set(jobId, ledger);
    void ledger.load();
    return ledger;
  }

  /**
   * Brings jobs onto this device, or up to date, so that they can be opened with no network. One
   * after the other and out of the way of whoever is working.
   * @param jobs with the last event the server has of each
   */
  async bringHere(
    jobs: readonly { readonly id: string; readonly headSeq: number }[],
  ): Promise<void> {
    if (this.bringing) return;
    this.bringing = true;
    for (const { id, headSeq } of jobs) {
      const head = await this.storage.headOf(id).catch(() => headSeq);
      if (this.jobs.has(id) || head >= headSeq) continue;
      await idle();
      // No answer now: the board asks again before long.
      await fetchJob(this.storage, id).catch(() => undefined);
    }
    this.bringing = false;
  }

  /** Forgets refused acts their reader has put aside. */
  async drop(places: readonly number[]): Promise<void> {
    await this.storage.drop(places);
    this.reloadAll();
    this.changed();
  }

  /** Sends refused acts once more, what stood in their way having been put right. */
  async sendAgain(stored: readonly KeptAct[]): Promise<void> {
    await this.storage.forgive(stored);
    this.reloadAll();
    this.changed();
    this.outbox.nudge();
  }

  private reloadAll(): void {
    this.jobs.forEach((ledger) => ledger.reload());
  }

  private changed(): void {
    this.listeners.forEach((listener) => listener());
    this.channel.postMessage('changed');
  }
}
