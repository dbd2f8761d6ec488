import { Router, type Request, type Response } from 'express';
import { uuid } from '@cardinex/contract/text';
import type { JobCache } from '../jobs/jobCache';
import { openJob } from '../jobs/openJob';
import { parse } from '../problems/problem';
import { signedIn } from '../session/session';
import type { LiveHub } from './hub';
import { Listener } from './listener';
import { Streams } from './streams';

const HEADERS = {
  'content-type': 'text/event-stream',
  'cache-control': 'no-cache, no-transform',
  connection: 'keep-alive',
  'x-accel-buffering': 'no',
} as const;

/**
 * A job's events as server-sent events, each with its `seq` as id, from the one the listener had last
 * (`Last-Event-ID`, or `?after=`).
 */
export function liveRoutes(cache: JobCache, hub: LiveHub): Router {
  const routes = Router();
  const streams = new Streams();

  routes.get('/jobs/:id/live', async (request, response) => {
    const { shopId, device } = signedIn(request);
    const jobId = parse(uuid, request.params.id);
    await openJob(cache, shopId, jobId);
    response.writeHead(200, HEADERS);
    // Asked what it would answer, it says so and no more.
    if (request.method === 'HEAD') return void response.end();
    response.write('retry: 1000\n\n');
    listen(response, hub, { shopId, jobId, after: startingSeq(request) }, cache);
    streams.opened(device, response);
  });

  return routes;
}

function listen(
  response: Response,
  hub: LiveHub,
  stream: { readonly shopId: string; readonly jobId: string; readonly after: number },
  cache: JobCache,
): void {
  const { shopId, jobId, after } = stream;
  const listener = new Listener(response, after);
  const stopListening = hub.listen(
    shopId,
    jobId,
    listener,
    async (seq) => (await cache.last(shopId, jobId, seq)).log,
  );
  const end = (): void => listener.end();
  hub.whenStopping.addEventListener('abort', end);
  response.on('close', () => {
    hub.whenStopping.removeEventListener('abort', end);
    stopListening();
  });
}

function startingSeq(request: Request): number {
  const asked = request.get('last-event-id') ?? request.query.after;
  const seq = Number(asked);
  return Number.isInteger(seq) && seq > 0 ? seq : 0;
}
