import { setMaxListeners } from 'node:events';
import { setTimeout as pause } from 'node:timers/promises';
import type pg from 'pg';
import type { Logger } from 'pino';
import type { JobLog } from '@cardinex/core/job/log';
import type { Notifications } from '../database/notifications';
import { Feed } from './feed';
import type { Listener } from './listener';

/** Other servers hear of what has grown this often. */
const TOLD_EVERY_MS = 50;

interface Grown {
  readonly shopId: string;
  readonly streamId: string;
  readonly seq: number;
}

/**
 * Tells whoever listens in this process that a stream has grown, wherever it was written: every
 * server hears the database's own notifications. A notification is only a hint; listeners read
 * the log for themselves, so a lost one costs time and nothing else.
 */
export class LiveHub {
  private readonly feeds = new Map<string, Feed>();
  /** Streams that have grown and of which nobody was told yet: the newest of each. */
  private readonly untold = new Map<string, Grown>();
  private telling = false;
  private readonly stopping = new AbortController();
  /** Aborts when the server stops: open event streams end with it. */
  readonly whenStopping = this.stopping.signal;

  constructor(
    notifications: Notifications,
    private readonly pool: pg.Pool,
    private readonly log: Logger,
  ) {
    setMaxListeners(0, this.whenStopping);
    notifications.on('stream_grew', (payload) => this.hear(payload));
    notifications.onceMissed(() => this.feeds.forEach((feed) => feed.grow()));
  }

  /** Ends all open streams: nobody is waited for who only listens. */
  endStreams(): void {
    this.stopping.abort();
  }

  /**
   * Says that a stream has grown. Outside the append's transaction, so commits need not queue. Whoever
   * listens here hears at once; other servers a little later, of all that grew meanwhile together.
   */
  tell(grown: Grown): void {
    this.grow(grown);
    this.untold.set(`${grown.shopId}/${grown.streamId}`, grown);
    if (!this.telling) void this.tellAll();
  }

  private async tellAll(): Promise<void> {
    this.telling = true;
    while (this.untold.size > 0) {
      await pause(TOLD_EVERY_MS);
      const grown = [...this.untold.values()].map((entry) => JSON.stringify(entry));
      this.untold.clear();
      await this.pool
        .query(`SELECT pg_notify('stream_grew', told) FROM unnest($1::text[]) AS told`, [grown])
        .catch((error: unknown) => this.log.warn({ err: error }, 'could not notify'));
    }
    this.telling = false;
  }

  /**
   * Gives a listener what a stream has, and whatever it grows by; returns how to stop.
   * @param read the stream up to an event at least: asked once for all who listen to it
   */
  listen(
    shopId: string,
    streamId: string,
    listener: Listener,
    read: (seq: number) => Promise<JobLog>,
  ): () => void {
    const key = `${shopId}/${streamId}`;
    const feed =
      this.feeds.get(key) ??
      new Feed(read, (error) => this.log.warn({ err: error }, 'event streams broke'));
    this.feeds.set(key, feed);
    feed.listeners.add(listener);
    feed.grow();
    return () => {
      feed.listeners.delete(listener);
      if (feed.listeners.size > 0) return;
      feed.end();
      this.feeds.delete(key);
    };
  }

  private hear(payload: string): void {
    this.grow(JSON.parse(payload) as Grown);
  }

  private grow({ shopId, streamId, seq }: Grown): void {
    this.feeds.get(`${shopId}/${streamId}`)?.grow(seq);
  }
}
