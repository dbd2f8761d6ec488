import { z } from 'zod';
import { jobRoutes } from './jobs';
import { reckonRoutes } from './reckonings';
import { routes } from './route';
import { sessionRoutes } from './session';
import { sheetRoutes } from './sheets';
import { toolRoutes } from './tools';

/**
 * Every route of the server: the server is mounted from it, the client typed and the OpenAPI document
 * written by it.
 */
export const ROUTES = {
  ...routes({
    'GET /api/openapi.json': {
      operationId: 'readInterface',
      tag: 'interface',
      summary: 'This document',
      who: 'anyone',
      answer: z.looseObject({ openapi: z.string() }),
    },
  }),
  ...reckonRoutes,
  ...sessionRoutes,
  ...sheetRoutes,
  ...toolRoutes,
  ...jobRoutes,
};

export type Routes = typeof ROUTES;
export type KnownRoute = keyof Routes;
