import { readFileSync } from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import type { AddressInfo } from 'node:net';
import { setTimeout } from 'node:timers';
import { createSecureContext } from 'node:tls';
import pg from 'pg';
import { pino, type Logger } from 'pino';
import { ConnectionError } from 'sequelize';
import { buildApp } from './app';
import { isInTheOpen, type Config } from './config';
import { bringUpToDate, roleOf } from './database/bringUpToDate';
import { DATABASE_LIMITS, connect, connectAsOwner } from './database/connection';
import { defineModels } from './database/models';
import { LiveHub } from './live/hub';
import { Notifications } from './database/notifications';
import { hearChanges } from './database/rowCache';
import { ReckonPool } from './reckon/pool';
import { StartupError } from './startupError';

/**
 * How long a connection that says nothing is held open: longer than a usual proxy holds its own, or it would now
 * and then send on one that is just being closed here.
 */
const IDLE_MS = 75_000;

/** How long open connections may take to end by themselves. */
const GRACE_MS = 5000;

const IN_THE_OPEN =
  'Plain HTTP beyond this machine: PINs and records can be read and changed on the way. Set TLS_CERT and TLS_KEY, or stand it behind a balancer with TLS and set TRUST_PROXY.';
const AS_OWNER =
  'The server runs as the owner of its tables and could change what is never to be changed. Give DATABASE_URL a role of its own and DATABASE_OWNER_URL the owner.';

export interface RunningServer {
  readonly address: string;
  readonly stop: () => Promise<void>;
}

/**
 * Starts the server: brings the database up to date, listens, answers. `stop` lets requests in hand
 * finish, ends event streams and closes every connection.
 * @throws StartupError for what whoever starts it can mend
 */
export async function startServer(config: Config): Promise<RunningServer> {
  const log = pino({ level: config.logLevel });
  const tls = config.tls && readTls(config.tls);
  await makeReady(config, log);
  const sequelize = connect(config.databaseUrl);
  defineModels(sequelize);
  const pool = new pg.Pool({ connectionString: config.databaseUrl, max: 8, ...DATABASE_LIMITS });
  pool.on('error', (error) => log.warn({ err: error }, 'idle database connection lost'));
  const notifications = new Notifications(config.databaseUrl, log);
  const hub = new LiveHub(notifications, pool, log);
  hearChanges(notifications);
  await notifications.start();
  const reckonPool = new ReckonPool();
  const close = async (): Promise<void> => {
    hub.endStreams();
    await notifications.stop();
    await reckonPool.close();
    await pool.end();
    await sequelize.close();
  };
  const app = await buildApp({ config, sequelize, pool, hub, reckonPool, log });
  const server = tls ? https.createServer(tls, app) : http.createServer(app);
  server.keepAliveTimeout = IDLE_MS;
  server.headersTimeout = IDLE_MS + 5000;
  try {
    await listen(server, config);
  } catch (error) {
    await close();
    throw error;
  }
  if (isInTheOpen(config)) log.warn(IN_THE_OPEN);
  const { port } = server.address() as AddressInfo;
  return {
    address: `${tls ? 'https' : 'http'}://${config.host}:${port}`,
    stop: async () => {
      const closed = new Promise<void>((done) => server.close(() => done()));
      server.closeIdleConnections();
      setTimeout(() => server.closeAllConnections(), GRACE_MS).unref();
      hub.endStreams();
      await Promise.race([closed, new Promise((done) => setTimeout(done, GRACE_MS + 500).unref())]);
      await close();
    },
  };
}

/** The tables, under the role that owns them; a server that runs as their owner is spoken of. */
async function makeReady(config: Config, log: Logger): Promise<void> {
  if (roleOf(config.databaseUrl) === roleOf(config.databaseOwnerUrl)) log.warn(AS_OWNER);
  const owner = connectAsOwner(config.databaseOwnerUrl);
  try {
    defineModels(owner);
    await bringUpToDate(owner, config.databaseUrl);
  } catch (error) {
    if (error instanceof ConnectionError)
      throw new StartupError(
        `The database cannot be reached (${error.message}). Look at DATABASE_URL and DATABASE_OWNER_URL.`,
      );
    throw error;
  } finally {
    await owner.close();
  }
}

function readTls({ certFile, keyFile }: NonNullable<Config['tls']>): https.ServerOptions {
  const read = (setting: string, file: string): Buffer => {
    try {
      return readFileSync(file);
    } catch {
      throw new StartupError(`${setting}: there is no file at ${file} that this server may read.`);
    }
  };
  const tls = { cert: read('TLS_CERT', certFile), key: read('TLS_KEY', keyFile) };
  try {
    createSecureContext(tls);
  } catch (error) {
    throw new StartupError(
      `TLS_CERT and TLS_KEY are no certificate with its key: ${String(error)}`,
    );
  }
  return tls;
}

async function listen(server: http.Server | https.Server, { host, port }: Config): Promise<void> {
  await new Promise<void>((listening, failed) => {
    server.once('error', (error: NodeJS.ErrnoException) => failed(cannotListen(error, host, port)));
    server.listen(port, host, listening);
  });
}

function cannotListen(error: NodeJS.ErrnoException, host: string, port: number): Error {
  switch (error.code) {
    case 'EADDRINUSE':
      return new StartupError(
        `Port ${port} is taken by another program. Set PORT to one that is free, or end that program.`,
      );
    case 'EACCES':
      return new StartupError(`Port ${port} may not be used here. Set PORT to one above 1023.`);
    case 'EADDRNOTAVAIL':
    case 'ENOTFOUND':
      return new StartupError(`HOST: ${host} is no address of this machine.`);
    case undefined:
    default:
      return error;
  }
}
