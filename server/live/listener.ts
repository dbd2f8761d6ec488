import type { Response } from 'express';
import type { LoggedAct } from '@cardinex/core/job/act';
import { JobLog } from '@cardinex/core/job/log';

/** Whoever has read nothing for this long is cut off; it comes back to where it was. */
const PATIENCE_MS = 20_000;

/**
 * One open event stream. It is written to only as fast as it is read, so that a phone behind a thin
 * line, or one that has fallen asleep, costs next to nothing.
 */
export class Listener {
  private log = JobLog.EMPTY;
  private lineOf: (event: LoggedAct) => string = () => '';
  private stalled: NodeJS.Timeout | null = null;

  /** @param sent the last event it has had */
  constructor(
    private readonly response: Response,
    private sent: number,
  ) {
    response.on('drain', () => this.flow());
    response.on('close', () => this.moving());
  }

  /** What there is by now; it is given as much as it takes, and the rest when it has read that. */
  offer(log: JobLog, lineOf: (event: LoggedAct) => string): void {
    this.log = log;
    this.lineOf = lineOf;
    if (!this.stalled) this.write();
  }

  /** Keeps the connection open through whatever stands between. */
  beat(): void {
    if (!this.stalled && !this.response.write(': here\n\n')) this.stall();
  }

  end(): void {
    this.response.end();
  }

  private write(): void {
    // A log counts from 1 without a gap.
    while (this.sent < this.log.length) {
      const event = this.log.at(this.sent);
      if (!event) return;
      this.sent = event.seq;
      if (!this.response.write(this.lineOf(event))) return this.stall();
    }
  }

  private stall(): void {
    this.stalled ??= setTimeout(() => this.response.destroy(), PATIENCE_MS).unref();
  }

  private flow(): void {
    this.moving();
    this.write();
  }

  private moving(): void {
    if (this.stalled) clearTimeout(this.stalled);
    this.stalled = null;
  }
}
