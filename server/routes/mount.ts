import express, { Router, type RequestHandler, type Response } from 'express';
import { ROUTES, type KnownRoute } from '@cardinex/contract/routes/table';
import type { Route } from '@cardinex/contract/routes/route';
import { faultsOfZod, read } from '@cardinex/contract/faults';
import { parse } from '../problems/problem';
import { signedIn } from '../session/session';
import { exactFirst, partsOf } from './address';
import { JsonText, type Handlers, type Incoming } from './handler';

const MOST_BYTES = { json: '1mb', picture: '3mb' } as const;

interface Mounting {
  /** Knows whose a request is by its cookie. */
  readonly sessions: RequestHandler;
  /** Whether answers are held against what is published of them: while developing, and in tests. */
  readonly checkAnswers: boolean;
}

/** Puts every route of the table in its place. */
export function mount(handlers: Handlers, { sessions, checkAnswers }: Mounting): Router {
  const router = Router();
  for (const name of exactFirst(Object.keys(ROUTES) as KnownRoute[])) {
    const route: Route = ROUTES[name];
    const { method, path } = partsOf(name);
    const within = path.replace(/^\/api/, '').replace(/\{(\w+)\}/g, ':$1');
    const handle = handlers[name] as (incoming: Incoming<never>) => Promise<unknown>;
    router[method](within, ...before(route, sessions), async (request, response) => {
      const who = route.who === 'crew' ? signedIn(request) : undefined;
      const answer = await handle({
        params: route.params && parse(route.params, request.params),
        query: route.query && parse(route.query, request.query),
        body: route.body ? parse(route.body, request.body) : (request.body as unknown),
        who,
        request,
        response,
      } as Incoming<never>);
      if (route.gives !== undefined) return;
      if (route.answer === undefined) return void response.status(204).end();
      if (checkAnswers) holdToPublished(name, route.answer, answer);
      send(response, answer);
    });
  }
  return router;
}

function before(route: Route, sessions: RequestHandler): RequestHandler[] {
  return [
    ...(route.who === 'anyone' ? [] : [sessions]),
    // Whoever is not signed in need not send a body to be told so.
    ...(route.who === 'crew' ? [requireSignIn] : []),
    ...(route.body ? [express.json({ limit: MOST_BYTES.json })] : []),
    ...(route.takes ? [express.raw({ type: route.takes, limit: MOST_BYTES.picture })] : []),
  ];
}

const requireSignIn: RequestHandler = (request, _response, next) => {
  signedIn(request);
  next();
};

function send(response: Response, answer: unknown): void {
  if (answer instanceof JsonText) response.type('json').send(answer.text);
  else response.json(answer);
}

/** @throws Error naming each place at which an answer is not what is published of it */
function holdToPublished(
  name: string,
  schema: NonNullable<Route['answer']>,
  answer: unknown,
): void {
  const text = answer instanceof JsonText ? answer.text : JSON.stringify(answer);
  const held = read(schema, JSON.parse(text));
  if (held.success) return;
  const faults = faultsOfZod(held.error).map(({ at, says }) => `${at} ${says}`);
  throw new Error(`The answer of ${name} is not what is published: ${faults.join('; ')}`);
}
