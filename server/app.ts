import { randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import path from 'node:path';
import express, { type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import type pg from 'pg';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Sequelize } from 'sequelize';
import { FORMATS } from '@cardinex/contract/formats';
import { calendarHandlers } from './calendar/handlers';
import type { Config } from './config';
import { Instance } from './database/models';
import { Readiness } from './database/readiness';
import { JobCache } from './jobs/jobCache';
import { jobHandlers } from './jobs/handlers';
import { labelHandlers } from './labels/handlers';
import { orderHandlers } from './order/handlers';
import type { LiveHub } from './live/hub';
import { liveHandlers } from './live/handlers';
import { openApiDocument, type OpenApi } from './openapi/document';
import { photographHandlers } from './photographs/handlers';
import { problemPage } from './problems/page';
import { ProblemError, answerProblem, notFound } from './problems/problem';
import type { ReckonPool } from './reckon/pool';
import { reckonHandlers } from './reckon/handlers';
import { sheetHandlers } from './sheets/handlers';
import { sessionHandlers } from './session/handlers';
import { toolHandlers } from './tools/handlers';
import type { Handlers } from './routes/handler';
import { mount } from './routes/mount';
import { sessions } from './session/session';

interface Parts {
  readonly config: Config;
  readonly sequelize: Sequelize;
  readonly pool: pg.Pool;
  readonly hub: LiveHub;
  readonly reckonPool: ReckonPool;
  readonly log: Logger;
}

/** Puts the server together. Everything it needs is handed in, so that a test can hand in its own. */
export async function buildApp(parts: Parts): Promise<Express> {
  const { config, sequelize, pool, hub } = parts;
  const instance = await Instance.findOne({ rejectOnEmpty: true });
  const app = express();
  app.disable('x-powered-by');
  // Nothing of the API is kept by anyone, so nothing of it is asked for again by its tag.
  app.disable('etag');
  app.set('trust proxy', config.trustProxy);
  app.use(requestLog(parts.log));
  app.use(security(config));

  app.get('/health', (_request, response) => {
    response.json({ status: 'alive' });
  });
  const readiness = new Readiness(config.databaseUrl);
  app.get('/ready', async (_request, response) => {
    if (!(await readiness.isReady())) throw new ProblemError(503, 'not-ready');
    response.json({ status: 'ready' });
  });
  app.get('/problems/:code', problemPage);

  for (const [name, schemaOf] of Object.entries(FORMATS)) {
    // Written when first asked for: a server that starts has better things to do.
    let schema: object | undefined;
    app.get(`/formats/${name}`, (_request, response) => {
      response.type('application/schema+json').json((schema ??= schemaOf()));
    });
  }

  const cache = new JobCache();
  const { cookieSecret } = instance;
  let openApi: OpenApi | undefined;
  const handlers: Handlers = {
    'GET /api/openapi.json': () => Promise.resolve((openApi ??= openApiDocument(instance.id))),
    ...reckonHandlers(parts.reckonPool),
    ...calendarHandlers(cache, cookieSecret),
    ...sessionHandlers(pool, instance.id),
    ...sheetHandlers(sequelize),
    ...toolHandlers(cache, hub, cookieSecret),
    ...jobHandlers(cache, hub),
    ...liveHandlers(cache, hub),
    ...labelHandlers(cache),
    ...orderHandlers(cache),
    ...photographHandlers(cache),
  };
  const api = express.Router();
  api.use(neverStored);
  api.use(
    mount(handlers, {
      sessions: sessions(pool, instance.id, cookieSecret),
      checkAnswers: config.checkAnswers,
    }),
  );
  api.use(notFound);
  app.use('/api', api);

  if (config.appFolder && existsSync(config.appFolder)) serveExport(app, config.appFolder);
  app.use(notFound);
  app.use(answerProblem);
  return app;
}

function requestLog(logger: Logger): RequestHandler {
  return pinoHttp({
    logger,
    genReqId: () => randomUUID(),
    autoLogging: { ignore: (request) => !request.url.startsWith('/api/') },
    serializers: {
      // The id is the one a problem gives to whoever asked. Headers carry sessions: never one of them.
      req: ({ id, method, url }: { id: string; method: string; url: string }) => ({
        id,
        method,
        url: unsaid(url),
      }),
      res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
    },
  });
}

/** A calendar's address is a secret; a log is read by many. */
function unsaid(url: string): string {
  return url.replace(/(\/calendars\/[^/]+\/)[^/?]+/, '$1…');
}

/** A shop's records are not left in caches on the way; what may be says so itself. */
const neverStored: RequestHandler = (_request, response, next) => {
  response.setHeader('cache-control', 'no-store');
  next();
};

function security({ tls, instrumentOrigins }: Config) {
  const secure = tls !== undefined;
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'", 'blob:'],
        styleSrc: ["'self'", "'unsafe-inline'"],
        fontSrc: ["'self'", 'data:'],
        imgSrc: ["'self'", 'data:', 'blob:'],
        // A wrench or gauge on this device speaks over a socket of its own; elsewhere only where the
        // shop says so, or a script that got in could carry records anywhere.
        connectSrc: ["'self'", 'ws://127.0.0.1:*', 'ws://localhost:*', ...instrumentOrigins],
        frameAncestors: ["'none'"],
        baseUri: ["'self'"],
        formAction: ["'self'"],
      },
    },
    strictTransportSecurity: secure,
    crossOriginOpenerPolicy: secure,
    originAgentCluster: secure,
  });
}

/** The exported app: hashed files may be kept for good, the page and its service worker never. */
function serveExport(app: Express, folder: string): void {
  app.use(
    express.static(folder, {
      index: false,
      setHeaders: (response, file) => {
        const hashed =
          file.includes(`${path.sep}_expo${path.sep}`) ||
          file.includes(`${path.sep}assets${path.sep}`);
        response.setHeader(
          'cache-control',
          hashed ? 'public, max-age=31536000, immutable' : 'no-cache',
        );
      },
    }),
  );
  app.get('/{*page}', (request, response, next) => {
    if (path.extname(request.path) !== '') {
      next();
      return;
    }
    response.setHeader('cache-control', 'no-cache');
    response.sendFile(path.join(folder, 'index.html'));
  });
}
