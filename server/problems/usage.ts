import type { RequestHandler } from 'express';
import type { Route, RouteName } from '@cardinex/contract/routes/route';
import { exactFirst, partsOf } from '../routes/address';
import { ProblemError } from './problem';

type Table = Readonly<Record<RouteName, Route>>;

interface Known {
  readonly pattern: RegExp;
  /** The media type each method takes a body in; null for a method without one. */
  readonly media: Map<string, string | null>;
}

/**
 * Holds each request against the table of routes: a known address asked with another method is a 405,
 * a body of another kind a 415. What the table does not name is left to whatever comes behind.
 */
export function requireKnownUse(table: Table): RequestHandler {
  const known = addresses(table);
  return (request, response, next) => {
    const path = `/api${request.path}`;
    const here = known.find(({ pattern }) => pattern.test(path));
    if (!here) return next();
    const method = request.method === 'HEAD' ? 'GET' : request.method;
    const takes = here.media.get(method);
    if (takes === undefined) {
      response.setHeader('allow', [...here.media.keys()].join(', '));
      throw new ProblemError(405, 'wrong-method');
    }
    if (takes !== null && !request.is(takes)) {
      throw new ProblemError(415, 'wrong-media', `Send the body as ${takes}.`);
    }
    next();
  };
}

function addresses(table: Table): readonly Known[] {
  const byPath = new Map<string, Known>();
  for (const name of exactFirst(Object.keys(table) as RouteName[])) {
    const { method, path } = partsOf(name);
    const known = byPath.get(path) ?? { pattern: patternOf(path), media: new Map() };
    const { body, takes = body ? 'application/json' : null } = table[name] ?? {};
    known.media.set(method.toUpperCase(), takes);
    byPath.set(path, known);
  }
  return [...byPath.values()];
}

function patternOf(path: string): RegExp {
  return new RegExp(`^${path.replace(/[.]/g, '\\.').replace(/\{\w+\}/g, '[^/]+')}/?$`);
}
