import type { Request, RequestHandler } from 'express';
import session from 'express-session';
import type pg from 'pg';
import { ProblemError } from '../problems/problem';
import { SessionStore, asError } from './sessionStore';

declare module 'express-session' {
  interface SessionData {
    shopId: string;
    device: string;
  }
}

const THIRTY_DAYS_MS = 30 * 24 * 60 * 60 * 1000;

/** The name of the cookie by which a session is known. */
export function sessionCookie(instanceId: string): string {
  return `cardinex.${instanceId}`;
}

/**
 * Sessions in PostgreSQL, read but not written on the path of an act. The cookie carries the
 * database's own id in its name, so that copies on other ports don't mix; over TLS, here or at a
 * balancer that is trusted, it is never sent in the open.
 */
export function sessions(pool: pg.Pool, instanceId: string, secret: string): RequestHandler {
  return session({
    name: sessionCookie(instanceId),
    secret,
    store: new SessionStore(pool),
    resave: false,
    saveUninitialized: false,
    cookie: { httpOnly: true, sameSite: 'strict', secure: 'auto', maxAge: THIRTY_DAYS_MS },
  });
}

/** The device a request comes from, in the shop it is signed in at. */
export interface SignedIn {
  readonly shopId: string;
  readonly device: string;
}

/**
 * The device a request comes from.
 * @throws ProblemError 401 `sign-in-first`
 */
export function signedIn(request: Request): SignedIn {
  const { shopId, device } = request.session;
  if (!shopId || !device) throw new ProblemError(401, 'sign-in-first');
  return { shopId, device };
}

/** Gives the browser a session of its own, for a device of a shop. */
export async function beginSession(request: Request, { shopId, device }: SignedIn): Promise<void> {
  await new Promise<void>((done, fail) =>
    request.session.regenerate((error: unknown) => (error ? fail(asError(error)) : done())),
  );
  Object.assign(request.session, { shopId, device });
  await new Promise<void>((done, fail) =>
    request.session.save((error: unknown) => (error ? fail(asError(error)) : done())),
  );
}

/** Ends a browser's session; what it holds is worth nothing afterwards. */
export async function endSession(request: Request): Promise<void> {
  await new Promise<void>((done, fail) =>
    request.session.destroy((error: unknown) => (error ? fail(asError(error)) : done())),
  );
}
