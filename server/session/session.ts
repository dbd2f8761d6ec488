import connectPgSimple from 'connect-pg-simple';
import type { Request, RequestHandler } from 'express';
import session from 'express-session';
import type pg from 'pg';
import { ProblemError } from '../problems/problem';

declare module 'express-session' {
  interface SessionData {
    shopId: string;
    device: string;
    /** Members who proved themselves on this device, and when. */
    proved: Record<string, string>;
  }
}

const THIRTY_DAYS_MS = 30 * 24 * 60 * 60 * 1000;

/** A proof this recent lets a release or an override through. */
const FRESH_PROOF_MS = 10 * 60 * 1000;

/**
 * Sessions in PostgreSQL, read but not written on the path of an act. The cookie carries the
 * database's own id in its name, so that copies on other ports don't mix.
 */
export function sessions(
  pool: pg.Pool,
  instanceId: string,
  secret: string,
  secure: boolean,
): RequestHandler {
  const Store = connectPgSimple(session);
  return session({
    name: `cardinex.${instanceId}`,
    secret,
    store: new Store({ pool, tableName: 'http_sessions', disableTouch: true }),
    resave: false,
    saveUninitialized: false,
    cookie: { httpOnly: true, sameSite: 'strict', secure, maxAge: THIRTY_DAYS_MS },
  });
}

export interface SignedIn {
  readonly shopId: string;
  readonly device: string;
  readonly proved: Readonly<Record<string, string>>;
}

/**
 * Who this device is signed in as.
 * @throws ProblemError 401 `sign-in-first`
 */
export function signedIn(request: Request): SignedIn {
  const { shopId, device, proved } = request.session;
  if (!shopId || !device || !proved || Object.keys(proved).length === 0) {
    throw new ProblemError(401, 'sign-in-first');
  }
  return { shopId, device, proved };
}

/** Did this member prove the PIN here a short while ago? */
export function hasFreshProof({ proved }: SignedIn, member: string, now: Date): boolean {
  const at = proved[member];
  return at !== undefined && now.getTime() - Date.parse(at) <= FRESH_PROOF_MS;
}
