import type { Request, Response } from 'express';
import { eventsAfter } from '../jobs/jobCache';
import type { LiveHub } from './hub';

const HEARTBEAT_MS = 15_000;

/**
 * Streams a job's events as server-sent events, each with its `seq` as id, from the one the
 * listener had last (`Last-Event-ID`, or `?after=`). Each heartbeat looks at the log too, in case
 * a notification was lost.
 */
export function streamEvents(
  request: Request,
  response: Response,
  hub: LiveHub,
  stream: { readonly shopId: string; readonly jobId: string },
): void {
  const { shopId, jobId } = stream;
  let sent = startingSeq(request);
  let sending = Promise.resolve();
  response.writeHead(200, {
    'content-type': 'text/event-stream',
    'cache-control': 'no-cache, no-transform',
    connection: 'keep-alive',
    'x-accel-buffering': 'no',
  });
  response.write('retry: 1000\n\n');

  const sendNew = (): void => {
    sending = sending
      .then(async () => {
        for (const event of await eventsAfter(shopId, jobId, sent)) {
          response.write(`id: ${event.seq}\nevent: act\ndata: ${JSON.stringify(event)}\n\n`);
          sent = event.seq;
        }
      })
      .catch((error: unknown) => {
        request.log.warn({ err: error }, 'event stream broke');
        response.end();
      });
  };
  const heartbeat = setInterval(() => {
    response.write(': here\n\n');
    sendNew();
  }, HEARTBEAT_MS);
  const stopListening = hub.listen(shopId, jobId, sendNew);
  const end = (): void => void response.end();
  hub.whenStopping.addEventListener('abort', end);
  response.on('close', () => {
    hub.whenStopping.removeEventListener('abort', end);
    clearInterval(heartbeat);
    stopListening();
  });
  sendNew();
}

function startingSeq(request: Request): number {
  const asked = request.get('last-event-id') ?? request.query.after;
  const seq = Number(asked);
  return Number.isInteger(seq) && seq > 0 ? seq : 0;
}
