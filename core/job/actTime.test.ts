import fc from 'fast-check';
import { doubtOfTime, type ActTime } from './actTime';

const base: ActTime = {
  at: '2026-03-02T10:00:00Z',
  receivedAt: '2026-03-02T10:00:01Z',
  clockOffMs: 0,
  waitedMs: null,
  openedAt: '2026-03-02T08:00:00Z',
  lastOwnAt: '2026-03-02T09:59:00Z',
};

describe('the time of an act', () => {
  it.each<[string, Partial<ActTime>]>([
    ['just now', {}],
    ['two days ago, with no network since', { receivedAt: '2026-03-04T10:00:00Z' }],
    [
      'by a clock an hour ahead that is known to be',
      { at: '2026-03-02T11:00:00Z', clockOffMs: 3_600_000 },
    ],
    ['within the two minutes clocks differ by', { at: '2026-03-02T10:01:50Z' }],
    ['before any other act of its device', { lastOwnAt: null, openedAt: null }],
    ['as long ago as it waited', { receivedAt: '2026-03-02T12:00:00Z', waitedMs: 7_200_000 }],
    [
      'longer ago than it waited by a clock that stood still in sleep',
      { receivedAt: '2026-03-03T10:00:00Z', waitedMs: 60_000 },
    ],
  ])('can be %s', (_, more) => {
    expect(doubtOfTime({ ...base, ...more })).toBeNull();
  });

  it.each<[string, Partial<ActTime>, string]>([
    ['after it came in', { at: '2026-03-02T10:05:00Z' }, 'ahead'],
    ['later than it can have been by its wait', { waitedMs: 3_600_000 }, 'ahead'],
    [
      'before its job was opened',
      { at: '2026-03-01T10:00:00Z', lastOwnAt: null },
      'before-opening',
    ],
    ['before what its device did earlier', { at: '2026-03-02T09:30:00Z' }, 'before-own'],
  ])('cannot be %s', (_, more, doubt) => {
    expect(doubtOfTime({ ...base, ...more })).toBe(doubt);
  });

  it('is never doubted for the order and the waits of an honest device', () => {
    const steps = fc.array(fc.integer({ min: 0, max: 3_600_000 }), { minLength: 1, maxLength: 20 });
    fc.assert(
      fc.property(steps, fc.integer({ min: 0, max: 1e9 }), (gaps, wait) => {
        const opened = Date.parse('2026-03-02T08:00:00Z');
        let at = opened;
        let lastOwnAt: string | null = null;
        for (const gap of gaps) {
          at += gap;
          const time = new Date(at).toISOString();
          const receivedAt = new Date(at + wait).toISOString();
          const openedAt = new Date(opened).toISOString();
          const doubt = doubtOfTime({
            at: time,
            receivedAt,
            clockOffMs: 0,
            waitedMs: wait,
            openedAt,
            lastOwnAt,
          });
          expect(doubt).toBeNull();
          lastOwnAt = time;
        }
      }),
    );
  });
});
