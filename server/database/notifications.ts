import { setTimeout } from 'node:timers';
import pg from 'pg';
import type { Logger } from 'pino';
import { DATABASE_LIMITS } from './connection';

const RECONNECT_MS = 1000;

/** A connection that is dead and has not said so is found out within this time, and that of a query. */
const PROVED_EVERY_MS = 5000;

/** What the database tells everyone of: a log that has grown, a table in which a row has changed. */
type Channel = 'stream_grew' | 'row_changed';

const CHANNELS: readonly Channel[] = ['stream_grew', 'row_changed'];

/**
 * What the database tells all servers on it, whichever of them wrote. A notification is only a hint to
 * look: those that were sent while nobody listened are lost, and whoever hears is told of the gap.
 */
export class Notifications {
  private readonly hearers: {
    readonly channel: Channel;
    readonly hear: (payload: string) => void;
  }[] = [];
  private readonly onGap: (() => void)[] = [];
  private client: pg.Client | null = null;
  private stopped = false;

  constructor(
    private readonly databaseUrl: string,
    private readonly log: Logger,
  ) {}

  /** Is everything heard that is said just now? */
  get areHeard(): boolean {
    return this.client !== null;
  }

  on(channel: Channel, hear: (payload: string) => void): void {
    this.hearers.push({ channel, hear });
  }

  /** Told when anything may have been missed, as it begins and again once all is heard. */
  onceMissed(look: () => void): void {
    this.onGap.push(look);
  }

  async start(): Promise<void> {
    const client = new pg.Client({ connectionString: this.databaseUrl, ...DATABASE_LIMITS });
    client.on('notification', ({ channel, payload = '' }) =>
      this.hearers
        .filter((entry) => entry.channel === channel)
        .forEach(({ hear }) => hear(payload)),
    );
    client.on('error', (error) => this.lost(client, error));
    client.on('end', () => this.lost(client, null));
    await client.connect();
    for (const channel of CHANNELS) await client.query(`LISTEN ${channel}`);
    this.client = client;
    this.prove(client);
  }

  async stop(): Promise<void> {
    this.stopped = true;
    const { client } = this;
    this.client = null;
    await client?.end();
  }

  /** Looks now and then whether the connection still lives. */
  private prove(client: pg.Client): void {
    const proving = setInterval(() => {
      if (this.client !== client) return clearInterval(proving);
      client.query('SELECT 1').catch((error: Error) => {
        this.lost(client, error);
        void client.end().catch(() => undefined);
      });
    }, PROVED_EVERY_MS);
    proving.unref();
  }

  /** After a lost connection anything may have been missed: listen again and have all look. */
  private lost(client: pg.Client, error: Error | null): void {
    if (this.stopped || this.client !== client) return;
    this.client = null;
    this.log.warn({ err: error }, 'lost the database notifications');
    this.missed();
    const again = (): void => {
      if (this.stopped) return;
      this.start().then(
        () => this.missed(),
        () => setTimeout(again, RECONNECT_MS).unref(),
      );
    };
    setTimeout(again, RECONNECT_MS).unref();
  }

  private missed(): void {
    this.onGap.forEach((look) => look());
  }
}
