import type { TrayCard } from './standing';
import { currentCard } from './tray';
import { isOnlyAhead, trayGroups } from './trayGroups';

let number = 0;
const entry = (standing: Pick<TrayCard, 'status' | 'reason'>): TrayCard =>
  ({ number: ++number, card: 'liners', needsAttention: false, ...standing }) as TrayCard;

const open = entry({ status: 'open', reason: { code: 'to-take-off', piece: { id: 'head' } } });
const toDecide = entry({ status: 'barred', reason: { code: 'differences-open', count: 2 } });
const cooling = entry({
  status: 'waiting',
  reason: { code: 'cooling', until: '2026-03-02T10:00:00Z' },
});
const crankHeld = entry({
  status: 'barred',
  reason: { code: 'temporary-parts-in', parts: ['locking pin'] },
});
const toTurn = entry({ status: 'barred', reason: { code: 'turn-over', to: 'upright' } });
const after = entry({ status: 'barred', reason: { code: 'card-first', card: 'liners' } });
const lacking = entry({ status: 'barred', reason: { code: 'sheet-lacks', lacks: [] } });
const cause = entry({ status: 'waiting', reason: { code: 'cause-last' } });
const done = entry({ status: 'done', reason: { code: 'all-done' } });

describe('a tray in groups', () => {
  it('puts what can be worked on, or must be decided, under now; what something holds up under waits', () => {
    const tray = [done, after, open, cooling, toDecide, toTurn, crankHeld, lacking, cause];
    expect(trayGroups(tray)).toEqual({
      now: [open, toDecide, toTurn],
      waits: [cooling, crankHeld],
      ahead: [after, lacking, cause],
      done: [done],
    });
  });

  it('marks nothing that is only ahead of the work', () => {
    expect([after, cause, lacking, crankHeld].map(isOnlyAhead)).toEqual([true, true, false, false]);
  });

  it('leads to what time holds up, not to what comes after it', () => {
    const piece = { id: 'inlet-manifold', name: 'Inlet manifold' };
    const sets = entry({
      status: 'barred',
      reason: { code: 'clock', piece, until: '2026-03-02T10:00:00Z', bars: 'pull' },
    });
    expect(currentCard([done, after, sets, after, cause])).toBe(sets);
  });
});
