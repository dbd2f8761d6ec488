import { ProblemError } from '../problems/problem';

/** How many reckonings of one address may wait. */
const MOST_WAITING = 24;

interface Share {
  running: number;
  readonly waiting: (() => void)[];
}

/** Lets each address have only so much under way at once; the rest of it waits its turn. */
export class Shares {
  private readonly shares = new Map<string, Share>();

  /** @param atOnce how much of one address may be under way */
  constructor(private readonly atOnce: number) {}

  /**
   * Does a piece of work when it is its address's turn.
   * @param ended aborts what still waits
   * @throws ProblemError 429 when too much of that address waits already
   */
  async inTurn<T>(address: string, ended: AbortSignal, work: () => Promise<T>): Promise<T> {
    const key = networkOf(address);
    const share = this.shares.get(key) ?? { running: 0, waiting: [] };
    this.shares.set(key, share);
    // Whoever waited is handed the place of one that has ended, which nobody else can take meanwhile.
    if (share.running >= this.atOnce) await this.turn(share, ended);
    else share.running += 1;
    try {
      return await work();
    } finally {
      const next = share.waiting.shift();
      if (next) next();
      else share.running -= 1;
      if (share.running === 0) this.shares.delete(key);
    }
  }

  private turn(share: Share, ended: AbortSignal): Promise<void> {
    if (share.waiting.length >= MOST_WAITING)
      throw new ProblemError(429, 'your-share', undefined, undefined, 1);
    return new Promise((begin, fail) => {
      const leave = (): void => {
        const place = share.waiting.indexOf(next);
        if (place >= 0) share.waiting.splice(place, 1);
        fail(new Error('ended while it waited'));
      };
      const next = (): void => {
        ended.removeEventListener('abort', leave);
        begin();
      };
      ended.addEventListener('abort', leave, { once: true });
      share.waiting.push(next);
    });
  }
}

/** One household of IPv6 has more addresses than can be counted: its network counts as one. */
function networkOf(address: string): string {
  return address.includes(':') && !address.startsWith('::ffff:')
    ? address.split(':').slice(0, 4).join(':')
    : address;
}
