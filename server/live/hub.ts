import { setMaxListeners } from 'node:events';
import { setTimeout } from 'node:timers';
import pg from 'pg';
import type { Logger } from 'pino';
import type { JobLog } from '@cardinex/core/job/log';
import { DATABASE_LIMITS } from '../database/connection';
import { Feed } from './feed';
import type { Listener } from './listener';

const CHANNEL = 'stream_grew';
const RECONNECT_MS = 1000;

export interface Grown {
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
  private client: pg.Client | null = null;
  /** Streams that have grown and of which nobody was told yet: the newest of each. */
  private readonly untold = new Map<string, Grown>();
  private telling = false;
  private readonly stopping = new AbortController();
  /** Aborts when the server stops: open event streams end with it. */
  readonly whenStopping = this.stopping.signal;

  constructor(
    private readonly databaseUrl: string,
    private readonly pool: pg.Pool,
    private readonly log: Logger,
  ) {
    setMaxListeners(0, this.whenStopping);
  }

  async start(): Promise<void> {
    const client = new pg.Client({ connectionString: this.databaseUrl, ...DATABASE_LIMITS });
    client.on('notification', ({ payload }) => this.hear(payload));
    client.on('error', (error) => this.lost(error));
    client.on('end', () => this.lost(null));
    await client.connect();
    await client.query(`LISTEN ${CHANNEL}`);
    this.client = client;
  }

  /** Ends all open streams: nobody is waited for who only listens. */
  endStreams(): void {
    this.stopping.abort();
  }

  async stop(): Promise<void> {
    this.endStreams();
    await this.client?.end();
    this.client = null;
  }

  /**
   * Says that a stream has grown. Outside the append's transaction, so commits need not queue; what
   * grows while one telling is under way goes out together with the next.
   */
  tell(grown: Grown): void {
    this.untold.set(`${grown.shopId}/${grown.streamId}`, grown);
    if (!this.telling) void this.tellAll();
  }

  private async tellAll(): Promise<void> {
    this.telling = true;
    while (this.untold.size > 0) {
      const grown = [...this.untold.values()].map((one) => JSON.stringify(one));
      this.untold.clear();
      await this.pool
        .query('SELECT pg_notify($1, told) FROM unnest($2::text[]) AS told', [CHANNEL, grown])
        .catch((error: unknown) => this.log.warn({ err: error }, 'could not notify'));
    }
    this.telling = false;
  }

  /**
   * Gives a listener what a stream has, and whatever it grows by; returns how to stop.
   * @param read the stream as it stands: asked once for all who listen to it
   */
  listen(
    shopId: string,
    streamId: string,
    listener: Listener,
    read: () => Promise<JobLog>,
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

  private hear(payload: string | undefined): void {
    const { shopId, streamId } = JSON.parse(payload ?? '{}') as Partial<Grown>;
    this.feeds.get(`${shopId}/${streamId}`)?.grow();
  }

  /** After a lost connection anything may have been missed: listen again and have all look. */
  private lost(error: Error | null): void {
    if (this.whenStopping.aborted || this.client === null) return;
    this.client = null;
    this.log.warn({ err: error }, 'lost the database notifications');
    const again = (): void => {
      if (this.whenStopping.aborted) return;
      this.start().then(
        () => this.feeds.forEach((feed) => feed.grow()),
        () => setTimeout(again, RECONNECT_MS).unref(),
      );
    };
    setTimeout(again, RECONNECT_MS).unref();
  }
}
