import type { RequestHandler } from 'express';
import { ProblemError } from './problem';

interface Documented {
  readonly pattern: RegExp;
  /** The media types each method takes a body in; none for a method without one. */
  readonly media: ReadonlyMap<string, readonly string[]>;
}

type Paths = Readonly<Record<string, object>>;

/**
 * Holds each request against the published interface: a known address asked with another method is a
 * 405, a body of another kind a 415. What the document does not name is left to the routes behind.
 * @param paths of the OpenAPI document
 */
export function requireDocumentedUse(paths: Paths): RequestHandler {
  // One in which nothing is filled in is meant before one where something is.
  const exactFirst = Object.entries(paths).sort(
    ([one], [other]) => Number(one.includes('{')) - Number(other.includes('{')),
  );
  const documented = exactFirst.map(([path, methods]) => read(path, methods));
  return (request, response, next) => {
    const path = `/api${request.path}`;
    const known = documented.find(({ pattern }) => pattern.test(path));
    if (!known) return next();
    const method = request.method === 'HEAD' ? 'GET' : request.method;
    const taken = known.media.get(method);
    if (!taken) {
      response.setHeader('allow', [...known.media.keys()].join(', '));
      throw new ProblemError(405, 'wrong-method');
    }
    if (taken.length > 0 && !request.is([...taken])) {
      throw new ProblemError(415, 'wrong-media', `Send the body as ${taken.join(' or ')}.`);
    }
    next();
  };
}

function read(path: string, methods: object): Documented {
  const pattern = new RegExp(`^${path.replace(/[.]/g, '\\.').replace(/\{\w+\}/g, '[^/]+')}/?$`);
  const media = Object.entries(methods).map(([method, operation]): [string, readonly string[]] => {
    const { requestBody } = operation as { readonly requestBody?: { readonly content: object } };
    return [method.toUpperCase(), Object.keys(requestBody?.content ?? {})];
  });
  return { pattern, media: new Map(media) };
}
