import connectPgSimple from 'connect-pg-simple';
import session, { type SessionData } from 'express-session';
import type pg from 'pg';
import { RowCache } from '../database/rowCache';

type Answer = (error?: unknown, session?: SessionData | null) => void;
type Done = (error?: unknown) => void;

const known = new RowCache<string | null>('http_sessions');

/** Sessions in PostgreSQL, each read once until one of them changes. */
export class SessionStore extends session.Store {
  private readonly stored: session.Store;

  constructor(pool: pg.Pool) {
    super();
    const Stored = connectPgSimple(session);
    this.stored = new Stored({ pool, tableName: 'http_sessions', disableTouch: true });
  }

  override get(sid: string, answer: Answer): void {
    known
      .get(sid, () => this.read(sid))
      // Whoever gets it writes into it: everyone has a copy of their own.
      .then(
        (text) => answer(null, text === null ? null : unlessEnded(JSON.parse(text) as SessionData)),
        (error: unknown) => answer(error),
      );
  }

  override set(sid: string, data: SessionData, done: Done = () => undefined): void {
    this.stored.set(sid, data, dropped(done));
  }

  override destroy(sid: string, done: Done = () => undefined): void {
    this.stored.destroy(sid, dropped(done));
  }

  private read(sid: string): Promise<string | null> {
    return new Promise((found, failed) =>
      this.stored.get(sid, (error: unknown, data) => {
        if (error) failed(asError(error));
        else found(data ? JSON.stringify(data) : null);
      }),
    );
  }
}

/** One that was read while it lasted is not good for longer than that. */
function unlessEnded(data: SessionData): SessionData | null {
  const { expires } = data.cookie;
  return expires && new Date(expires).getTime() <= Date.now() ? null : data;
}

/** What was changed here is not read as it was before, not even until the database has told of it. */
function dropped(done: Done): Done {
  return (error) => {
    known.drop();
    done(error);
  };
}

/** A store answers an error with whatever it was. */
export function asError(reason: unknown): Error {
  return reason instanceof Error ? reason : new Error(String(reason));
}
