import { randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import path from 'node:path';
import express, { type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import type pg from 'pg';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Sequelize } from 'sequelize';
import { calendarRoutes } from './calendar/routes';
import type { Config } from './config';
import { Instance } from './database/models';
import { Readiness } from './database/readiness';
import { JobCache } from './jobs/jobCache';
import { jobRoutes } from './jobs/routes';
import { labelRoutes } from './labels/routes';
import type { LiveHub } from './live/hub';
import { liveRoutes } from './live/routes';
import { openApiDocument } from './openapi';
import { photographRoutes } from './photographs/routes';
import { problemPage } from './problems/page';
import { ProblemError, answerProblem, notFound } from './problems/problem';
import { requireDocumentedUse } from './problems/usage';
import type { ReckonPool } from './reckon/pool';
import { reckonRoutes } from './reckon/routes';
import { sheetRoutes } from './sheets/routes';
import { SHEET_SCHEMA_PATH, engineSheetJsonSchema } from '@cardinex/contract/sheets/jsonSchema';
import { sessionRoutes } from './session/routes';
import { toolRoutes } from './tools/routes';
import { sessions } from './session/session';

export interface Parts {
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

  const sheetSchema = engineSheetJsonSchema();
  app.get(SHEET_SCHEMA_PATH, (_request, response) => {
    response.type('application/schema+json').json(sheetSchema);
  });

  const openApi = openApiDocument();
  const api = express.Router();
  api.use(neverStored);
  api.use(requireDocumentedUse(openApi.paths));
  api.use(express.json({ limit: '1mb' }));
  api.get('/openapi.json', (_request, response) => {
    response.json(openApi);
  });
  api.use(reckonRoutes(parts.reckonPool));
  const cache = new JobCache();
  api.use(calendarRoutes(cache, instance.cookieSecret));
  api.use(sessions(pool, instance.id, instance.cookieSecret));
  api.use(sessionRoutes(pool, instance.id));
  api.use(sheetRoutes(sequelize));
  api.use(toolRoutes(cache, hub, instance.cookieSecret));
  api.use(jobRoutes(cache, hub));
  api.use(liveRoutes(cache, hub));
  api.use(labelRoutes(cache));
  api.use(photographRoutes(cache));
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
