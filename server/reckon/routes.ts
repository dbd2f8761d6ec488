import { Router, type Response } from 'express';
import type { z } from 'zod';
import { reckonInputs, type ReckonName } from '@cardinex/contract/reckon/schemas';
import { ProblemError, parse } from '../problems/problem';
import type { ReckonPool } from './pool';

function isReckonName(name: string): name is ReckonName {
  return Object.hasOwn(reckonInputs, name);
}

/** Reckonings need no sign-in: they know nothing of any shop. */
export function reckonRoutes(pool: ReckonPool): Router {
  const routes = Router();
  routes.post('/reckon/:name', async (request, response) => {
    const { name } = request.params;
    if (!isReckonName(name)) throw new ProblemError(404, 'not-found');
    const schema: z.ZodType = reckonInputs[name];
    const input = parse(schema, request.body);
    const asker = { address: request.ip ?? '', gone: whenGone(response) };
    response.json(await pool.ask(name, input, asker));
  });
  return routes;
}

/** Aborts when the connection closes before the answer has gone out on it. */
function whenGone(response: Response): AbortSignal {
  const gone = new AbortController();
  response.once('close', () => {
    if (!response.writableFinished) gone.abort();
  });
  return gone.signal;
}
