import type { LoggedAct } from '@cardinex/core/job/act';
import type { JobLog } from '@cardinex/core/job/log';
import { LRUCache } from 'lru-cache';
import { eventText } from '../database/streams';
import type { Listener } from './listener';

const HEARTBEAT_MS = 15_000;

/** As many lines as are likely to be asked for by several at once. */
const LINES_KEPT = 64;

/**
 * One job's log as all who listen to it hear it: read once for all of them, and each event written out
 * once.
 */
export class Feed {
  readonly listeners = new Set<Listener>();
  private readonly lines = new LRUCache<number, string>({ max: LINES_KEPT });
  private reading = false;
  /** How far it is known to have grown, and how far it was read. */
  private wantedSeq = 0;
  private readSeq = 0;
  /** Looks at the log too, in case a notification was lost. */
  private readonly heartbeat = setInterval(() => {
    this.listeners.forEach((listener) => listener.beat());
    this.grow(Infinity);
  }, HEARTBEAT_MS).unref();

  constructor(
    private readonly read: (seq: number) => Promise<JobLog>,
    private readonly onFailure: (error: unknown) => void,
  ) {}

  /**
   * The log has grown, or may have: everyone is given what they have not had.
   * @param seq how far at least; as far as it goes, where that is not known
   */
  grow(seq = Infinity): void {
    this.wantedSeq = Math.max(this.wantedSeq, seq);
    if (this.reading || this.wantedSeq <= this.readSeq) return;
    this.reading = true;
    void this.tellAll().finally(() => {
      this.reading = false;
      this.grow(this.wantedSeq);
    });
  }

  end(): void {
    clearInterval(this.heartbeat);
  }

  private async tellAll(): Promise<void> {
    try {
      const wanted = this.wantedSeq;
      this.wantedSeq = 0;
      const log = await this.read(wanted);
      this.readSeq = log.headSeq;
      this.listeners.forEach((listener) => listener.offer(log, this.lineOf));
    } catch (error) {
      this.onFailure(error);
      this.listeners.forEach((listener) => listener.end());
    }
  }

  private readonly lineOf = (event: LoggedAct): string => {
    const known = this.lines.get(event.seq);
    if (known !== undefined) return known;
    const line = `id: ${event.seq}\nevent: act\ndata: ${eventText(event)}\n\n`;
    this.lines.set(event.seq, line);
    return line;
  };
}
