import { setMaxListeners } from 'node:events';
import { setTimeout } from 'node:timers';
import pg from 'pg';
import type { Logger } from 'pino';

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
  private readonly listeners = new Map<string, Set<() => void>>();
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
    const client = new pg.Client({ connectionString: this.databaseUrl });
    client.on('notification', ({ payload }) => this.hear(payload));
    client.on('error', (error) => this.lost(error));
    client.on('end', () => this.lost(null));
    await client.connect();
    await client.query(`LISTEN ${CHANNEL}`);
    this.client = client;
  }

  async stop(): Promise<void> {
    this.stopping.abort();
    await this.client?.end();
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

  /** Calls back whenever a stream grows; returns how to stop. */
  listen(shopId: string, streamId: string, callback: () => void): () => void {
    const key = `${shopId}/${streamId}`;
    const callbacks = this.listeners.get(key) ?? new Set();
    this.listeners.set(key, callbacks.add(callback));
    return () => {
      callbacks.delete(callback);
      if (callbacks.size === 0) this.listeners.delete(key);
    };
  }

  private hear(payload: string | undefined): void {
    const { shopId, streamId } = JSON.parse(payload ?? '{}') as Partial<Grown>;
    this.listeners.get(`${shopId}/${streamId}`)?.forEach((callback) => callback());
  }

  /** After a lost connection anything may have been missed: listen again and have all look. */
  private lost(error: Error | null): void {
    if (this.whenStopping.aborted || this.client === null) return;
    this.client = null;
    this.log.warn({ err: error }, 'lost the database notifications');
    const again = (): void => {
      if (this.whenStopping.aborted) return;
      this.start().then(
        () => this.listeners.forEach((callbacks) => callbacks.forEach((callback) => callback())),
        () => setTimeout(again, RECONNECT_MS).unref(),
      );
    };
    setTimeout(again, RECONNECT_MS).unref();
  }
}
