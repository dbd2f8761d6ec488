import express, { Router, type RequestHandler, type Response } from 'express';
import { ROUTES, type KnownRoute } from '@cardinex/contract/routes/table';
import type { Method, Route } from '@cardinex/contract/routes/route';
import { faultsOfZod, read } from '@cardinex/contract/faults';
import { ProblemError, parse } from '../problems/problem';
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

/**
 * Puts every route of the table in its place. A known address asked with another method is a 405, a body
 * of another kind a 415; what the table does not name is left to whatever comes behind.
 */
export function mount(handlers: Handlers, mounting: Mounting): Router {
  const router = Router();
  const names = exactFirst(Object.keys(ROUTES) as KnownRoute[]);
  for (const path of new Set(names.map((name) => partsOf(name).path))) {
    const fitted = names.filter((name) => partsOf(name).path === path);
    const address = router.route(path.replace(/^\/api/, '').replace(/\{(\w+)\}/g, ':$1'));
    for (const name of fitted) {
      const { method } = partsOf(name);
      address[method](...before(ROUTES[name], mounting), answering(name, handlers, mounting));
    }
    address.all(refusing(fitted.map((name) => partsOf(name).method.toUpperCase() as Method)));
  }
  return router;
}

/** What is asked of a request before its body is read, then the body. */
function before(route: Route, { sessions }: Mounting): RequestHandler[] {
  const { who, body, takes = body ? 'application/json' : null } = route;
  return [
    ...(takes === null ? [] : [requireMedia(takes)]),
    ...(who === 'anyone' ? [] : [sessions]),
    // Whoever is not signed in need not send a body to be told so.
    ...(who === 'crew' ? [requireSignIn] : []),
    ...(route.body ? [express.json({ limit: MOST_BYTES.json })] : []),
    ...(route.takes ? [express.raw({ type: route.takes, limit: MOST_BYTES.picture })] : []),
  ];
}

function answering(
  name: KnownRoute,
  handlers: Handlers,
  { checkAnswers }: Mounting,
): RequestHandler {
  const route: Route = ROUTES[name];
  const handle = handlers[name] as (incoming: Incoming<never>) => Promise<unknown>;
  return async (request, response) => {
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
  };
}

function refusing(methods: readonly Method[]): RequestHandler {
  return (_request, response) => {
    response.setHeader('allow', methods.join(', '));
    throw new ProblemError(405, 'wrong-method');
  };
}

function requireMedia(takes: string): RequestHandler {
  return (request, _response, next) => {
    if (!request.is(takes)) {
      throw new ProblemError(415, 'wrong-media', `Send the body as ${takes}.`);
    }
    next();
  };
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
