import pg from 'pg';

/** A database that does not answer within this time is as good as none. */
const PATIENCE_MS = 1500;

/** Asked by every balancer every second or so, it is looked at no more often than this. */
const HELD_MS = 500;

/**
 * Sorting this much with next to no memory writes half a megabyte to the database's own disk and takes
 * it away again: a full disk is found before an act has to find it.
 */
const ROOM_CHECK = `
  SELECT set_config('work_mem', '64kB', true);
  SELECT count(*) FROM (SELECT repeat(md5(n::text), 4) AS line FROM generate_series(1, 4000) AS n
                        ORDER BY line OFFSET 0) AS sorted`;

/**
 * Whether the database answers and has room, looked at over a connection of its own: those of the pool
 * may all be waiting for it.
 */
export class Readiness {
  private last: { readonly at: number; readonly ready: Promise<boolean> } | null = null;

  constructor(private readonly databaseUrl: string) {}

  isReady(): Promise<boolean> {
    if (!this.last || Date.now() - this.last.at > HELD_MS)
      this.last = { at: Date.now(), ready: this.look() };
    return this.last.ready;
  }

  private async look(): Promise<boolean> {
    const client = new pg.Client({
      connectionString: this.databaseUrl,
      connectionTimeoutMillis: PATIENCE_MS,
      query_timeout: PATIENCE_MS,
    });
    client.on('error', () => undefined);
    const late = new Promise<false>((done) => setTimeout(() => done(false), PATIENCE_MS).unref());
    const looked = client
      .connect()
      .then(() => client.query(ROOM_CHECK))
      .then(
        () => true,
        () => false,
      );
    const ready = await Promise.race([looked, late]);
    // Not waited for: a frozen database does not say goodbye.
    void client.end().catch(() => undefined);
    return ready;
  }
}
