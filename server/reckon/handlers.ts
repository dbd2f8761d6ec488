import type { Response } from 'express';
import type { KnownRoute } from '@cardinex/contract/routes/table';
import { RECKON_NAMES, type ReckonName } from '@cardinex/contract/reckon/reckonings';
import type { Handlers, Incoming } from '../routes/handler';
import type { ReckonPool } from './pool';

type ReckonRoute = Extract<KnownRoute, `POST /api/reckon/${string}`>;

/** Reckonings need no sign-in: they know nothing of any shop. */
export function reckonHandlers(pool: ReckonPool): Handlers<ReckonRoute> {
  const handler =
    (name: ReckonName) =>
    ({ body, request, response }: Incoming<ReckonRoute>): Promise<unknown> => {
      const asker = { address: request.ip ?? '', gone: whenGone(response) };
      return pool.ask(name, body, asker);
    };
  return Object.fromEntries(
    RECKON_NAMES.map((name) => [`POST /api/reckon/${name}`, handler(name)]),
  ) as unknown as Handlers<ReckonRoute>;
}

/** Aborts when the connection closes before the answer has gone out on it. */
function whenGone(response: Response): AbortSignal {
  const gone = new AbortController();
  response.once('close', () => {
    if (!response.writableFinished) gone.abort();
  });
  return gone.signal;
}
