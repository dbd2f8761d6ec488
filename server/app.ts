import { randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import path from 'node:path';
import express, { type Express } from 'express';
import helmet from 'helmet';
import type pg from 'pg';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Sequelize } from 'sequelize';
import { calendarRoutes } from './calendar/routes';
import { Instance } from './database/models';
import { JobCache } from './jobs/jobCache';
import { jobRoutes } from './jobs/routes';
import { labelRoutes } from './labels/routes';
import type { LiveHub } from './live/hub';
import { openApiDocument } from './openapi';
import { photographRoutes } from './photographs/routes';
import { answerProblem, notFound } from './problems/problem';
import type { ReckonPool } from './reckon/pool';
import { reckonRoutes } from './reckon/routes';
import { sheetRoutes } from './sheets/routes';
import { SHEET_SCHEMA_PATH, engineSheetJsonSchema } from '@cardinex/contract/sheets/jsonSchema';
import { sessionRoutes } from './session/routes';
import { toolRoutes } from './tools/routes';
import { sessions } from './session/session';

export interface Parts {
  readonly sequelize: Sequelize;
  readonly pool: pg.Pool;
  readonly hub: LiveHub;
  readonly reckonPool: ReckonPool;
  readonly log: Logger;
  readonly appFolder: string | undefined;
  readonly secure: boolean;
}

/** Puts the server together. Everything it needs is handed in, so that a test can hand in its own. */
export async function buildApp(parts: Parts): Promise<Express> {
  const instance = await Instance.findOne({ rejectOnEmpty: true });
  const app = express();
  app.disable('x-powered-by');
  app.use(
    pinoHttp({
      logger: parts.log,
      genReqId: () => randomUUID(),
      autoLogging: { ignore: (request) => !request.url?.startsWith('/api/') },
      serializers: {
        // The id is the one a problem gives to whoever asked. Headers carry sessions: never one of them.
        req: ({ id, method, url }: { id: string; method: string; url: string }) => ({
          id,
          method,
          url: unsaid(url),
        }),
        res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
      },
    }),
  );
  app.use(security(parts.secure));

  app.get('/health', (_request, response) => {
    response.json({ status: 'alive' });
  });
  app.get('/ready', async (_request, response) => {
    await parts.pool.query('SELECT 1');
    response.json({ status: 'ready' });
  });

  const sheetSchema = engineSheetJsonSchema();
  app.get(SHEET_SCHEMA_PATH, (_request, response) => {
    response.type('application/schema+json').json(sheetSchema);
  });

  const openApi = openApiDocument();
  const api = express.Router();
  api.use(express.json({ limit: '1mb' }));
  api.get('/openapi.json', (_request, response) => {
    response.json(openApi);
  });
  api.use(reckonRoutes(parts.reckonPool));
  const cache = new JobCache();
  api.use(calendarRoutes(cache, instance.cookieSecret));
  api.use(sessions(parts.pool, instance.id, instance.cookieSecret, parts.secure));
  api.use(sessionRoutes(parts.pool, instance.id));
  api.use(sheetRoutes(parts.sequelize));
  api.use(toolRoutes(parts.sequelize, cache, instance.cookieSecret));
  api.use(jobRoutes(parts.sequelize, cache, parts.hub));
  api.use(labelRoutes(cache));
  api.use(photographRoutes(cache));
  api.use(notFound);
  app.use('/api', api);

  if (parts.appFolder && existsSync(parts.appFolder)) serveExport(app, parts.appFolder);
  app.use(notFound);
  app.use(answerProblem);
  return app;
}

/** A calendar's address is a secret; a log is read by many. */
function unsaid(url: string): string {
  return url.replace(/(\/calendars\/[^/]+\/)[^/?]+/, '$1…');
}

function security(secure: boolean) {
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
        // A wrench or gauge on this device speaks over a socket of its own.
        connectSrc: ["'self'", 'ws://127.0.0.1:*', 'ws://localhost:*', 'wss:'],
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
