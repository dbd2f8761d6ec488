import type { Notifications } from '../database/notifications';
import { RowCache, hearChanges } from '../database/rowCache';

/** The database's notifications, said by hand. */
class Said {
  areHeard = true;
  private readonly hearers: ((payload: string) => void)[] = [];
  private readonly gaps: (() => void)[] = [];

  on(_channel: string, hear: (payload: string) => void): void {
    this.hearers.push(hear);
  }

  onceMissed(look: () => void): void {
    this.gaps.push(look);
  }

  changed(table: string): void {
    this.hearers.forEach((hear) => hear(table));
  }

  missed(): void {
    this.gaps.forEach((look) => look());
  }
}

const reported = new Said();
hearChanges(reported as unknown as Notifications);

let reads = 0;
const read = (): Promise<number> => Promise.resolve((reads += 1));
const cache = new RowCache<number>('proofs');

beforeEach(() => {
  reported.areHeard = true;
  cache.drop();
  reads = 0;
});

describe('what was read of a table', () => {
  it('serves until a row of that table has changed', async () => {
    expect([await cache.get('a', read), await cache.get('a', read)]).toEqual([1, 1]);
    reported.changed('members');
    expect(await cache.get('a', read)).toBe(1);
    reported.changed('proofs');
    expect(await cache.get('a', read)).toBe(2);
    expect(await cache.get('b', read)).toBe(3);
  });

  it('is read anew each time while nobody hears of changes, and after a gap', async () => {
    await cache.get('a', read);
    reported.areHeard = false;
    expect([await cache.get('a', read), await cache.get('a', read)]).toEqual([2, 3]);
    reported.areHeard = true;
    reported.missed();
    expect(await cache.get('a', read)).toBe(4);
  });

  it('while it changed is given to whoever asked before, and to nobody after', async () => {
    let found: (value: number) => void = () => undefined;
    const before = cache.get('a', () => new Promise((done) => (found = done)));
    reported.changed('proofs');
    const after = cache.get('a', read);
    found(99);
    expect([await before, await after, await cache.get('a', read)]).toEqual([99, 1, 1]);
  });

  it('is not what failed to be read', async () => {
    await expect(cache.get('a', () => Promise.reject(new Error('away')))).rejects.toThrow('away');
    expect(await cache.get('a', read)).toBe(1);
  });
});
