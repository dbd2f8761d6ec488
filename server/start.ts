import { readFileSync } from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import type { AddressInfo } from 'node:net';
import { setTimeout } from 'node:timers';
import pg from 'pg';
import { pino } from 'pino';
import { buildApp } from './app';
import type { Config } from './config';
import { connect } from './database/connection';
import { migrate } from './database/migrate';
import { defineModels } from './database/models';
import { LiveHub } from './live/hub';
import { ReckonPool } from './reckon/pool';

/** How long open connections may take to end by themselves. */
const GRACE_MS = 5000;

export interface RunningServer {
  readonly address: string;
  readonly stop: () => Promise<void>;
}

/**
 * Starts the server: migrates, listens, answers. `stop` lets requests in hand finish, ends event
 * streams and closes every connection.
 */
export async function startServer(config: Config): Promise<RunningServer> {
  const log = pino({ level: config.logLevel });
  const sequelize = connect(config.databaseUrl);
  defineModels(sequelize);
  await migrate(sequelize);
  const pool = new pg.Pool({ connectionString: config.databaseUrl, max: 8 });
  pool.on('error', (error) => log.warn({ err: error }, 'idle database connection lost'));
  const hub = new LiveHub(config.databaseUrl, pool, log);
  await hub.start();
  const reckonPool = new ReckonPool();
  const app = await buildApp({
    sequelize,
    pool,
    hub,
    reckonPool,
    log,
    appFolder: config.appFolder,
    secure: config.tls !== undefined,
  });
  const server = config.tls
    ? https.createServer(
        { cert: readFileSync(config.tls.certFile), key: readFileSync(config.tls.keyFile) },
        app,
      )
    : http.createServer(app);
  await new Promise<void>((listening, failed) => {
    server.once('error', failed);
    server.listen(config.port, config.host, listening);
  });
  const { port } = server.address() as AddressInfo;
  return {
    address: `${config.tls ? 'https' : 'http'}://${config.host}:${port}`,
    stop: async () => {
      const closed = new Promise<void>((done) => server.close(() => done()));
      server.closeIdleConnections();
      setTimeout(() => server.closeAllConnections(), GRACE_MS).unref();
      await hub.stop();
      await Promise.race([closed, new Promise((done) => setTimeout(done, GRACE_MS + 500).unref())]);
      await reckonPool.close();
      await pool.end();
      await sequelize.close();
    },
  };
}
