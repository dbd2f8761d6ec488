import { setTimeout as pause } from 'node:timers/promises';
import type pg from 'pg';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { ProblemError } from '../problems/problem';

/** Wrong tries allowed per member and address before a wait. */
const TRIES = { points: 8, duration: 10 * 60 };

/** Wrong tries at one member, from wherever, before each further one is slowed down; forgotten after a day. */
const SLOW_AFTER = 16;
const A_DAY_S = 24 * 60 * 60;
const FIRST_DELAY_MS = 250;
const LONGEST_DELAY_MS = 8000;
/** How many tries at one member may wait for each other. */
const MOST_WAITING = 3;

/** Who tries, and at whom. */
interface Try {
  /** The member tried at, or what was given for one. */
  readonly member: string;
  readonly address: string;
  /** The device, where the shop knows it: it is slowed for its own wrong tries only. */
  readonly device: string | null;
}

/**
 * Holds guessing up: a few wrong tries per member and address, then a wait; and whoever tries from
 * many addresses makes each further try at that member slower. Nobody is locked out of the shop by
 * someone else's guesses: a device the shop knows is not slowed by them.
 */
export class Tries {
  private readonly tries: RateLimiterPostgres;
  private readonly wrong: RateLimiterPostgres;
  private readonly turns = new Map<string, { waiting: number; last: Promise<void> }>();

  constructor(pool: pg.Pool) {
    const common = {
      storeClient: pool,
      tableName: 'sign_in_attempts',
      tableCreated: true,
      clearExpiredByTimeout: false,
    };
    this.tries = new RateLimiterPostgres({ ...common, keyPrefix: 'try', ...TRIES });
    this.wrong = new RateLimiterPostgres({
      ...common,
      keyPrefix: 'wrong',
      points: Number.MAX_SAFE_INTEGER,
      duration: A_DAY_S,
    });
  }

  /**
   * Lets one try be made, once it may, and counts what came of it: a problem is a wrong try.
   * @throws ProblemError 429 with when to try again, or whatever the try throws
   */
  async watch<T>(entry: Try, make: () => Promise<T>): Promise<T> {
    await this.begin(entry);
    try {
      const made = await make();
      await this.tries.delete(`${entry.member}:${entry.address}`);
      return made;
    } catch (error) {
      if (error instanceof ProblemError) await this.wrong.penalty(slowKey(entry));
      throw error;
    }
  }

  private async begin(item: Try): Promise<void> {
    try {
      await this.tries.consume(`${item.member}:${item.address}`);
    } catch (reason) {
      if (!(reason instanceof RateLimiterRes)) throw reason;
      const retryAfterS = Math.ceil(reason.msBeforeNext / 1000);
      throw new ProblemError(429, 'too-many-tries', undefined, undefined, retryAfterS);
    }
    const delayMs = delayAfter((await this.wrong.get(slowKey(item)))?.consumedPoints ?? 0);
    if (delayMs > 0) await this.inTurn(slowKey(item), delayMs);
  }

  /** One after the other, each after its delay: ten at once are no faster than ten in turn. */
  private async inTurn(key: string, delayMs: number): Promise<void> {
    const turn = this.turns.get(key) ?? { waiting: 0, last: Promise.resolve() };
    this.turns.set(key, turn);
    if (turn.waiting >= MOST_WAITING) {
      const retryAfterS = Math.ceil((delayMs * MOST_WAITING) / 1000);
      throw new ProblemError(429, 'too-many-guesses', undefined, undefined, retryAfterS);
    }
    turn.waiting += 1;
    turn.last = turn.last.then(() => pause(delayMs));
    try {
      await turn.last;
    } finally {
      turn.waiting -= 1;
      if (turn.waiting === 0) this.turns.delete(key);
    }
  }
}

function slowKey({ member, device }: Try): string {
  return device === null ? member : `${device}:${member}`;
}

/** Doubled every four wrong tries, up to the longest. */
function delayAfter(wrong: number): number {
  if (wrong < SLOW_AFTER) return 0;
  return Math.min(FIRST_DELAY_MS * 2 ** Math.floor((wrong - SLOW_AFTER) / 4), LONGEST_DELAY_MS);
}
