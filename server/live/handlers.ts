import type { Response } from 'express';
import type { JobCache } from '../jobs/jobCache';
import { openJob } from '../jobs/openJob';
import type { Handlers } from '../routes/handler';
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
export function liveHandlers(cache: JobCache, hub: LiveHub): Handlers<'GET /api/jobs/{id}/live'> {
  const streams = new Streams();
  return {
    'GET /api/jobs/{id}/live': async ({ who, params: { id: jobId }, query, request, response }) => {
      const { shopId, device } = who;
      await openJob(cache, shopId, jobId);
      response.writeHead(200, HEADERS);
      // Asked what it would answer, it says so and no more.
      if (request.method === 'HEAD') return void response.end();
      response.write('retry: 1000\n\n');
      const after = startingSeq(request.get('last-event-id') ?? query.after);
      listen(response, hub, { shopId, jobId, after }, cache);
      streams.opened(device, response);
    },
  };
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

function startingSeq(asked: string | undefined): number {
  const seq = Number(asked);
  return Number.isInteger(seq) && seq > 0 ? seq : 0;
}
