import type { ValveReadings } from '@cardinex/core/job/facts/valves';
import type { ItemView } from '@cardinex/core/job/cards/valves/item';
import { lashVerdict } from '@cardinex/core/overhead/lashVerdict';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { readingNext } from './readingNext';

const [valve] = tolvane44.overhead?.valves ?? [];
const read = (mm: number) => ({
  mm,
  seq: 1,
  printed: { text: String(mm), unit: 'mm' as const },
  actId: '',
  at: '',
  by: '',
});

/** A valve with limits of 0.40 to 0.45 and these readings. */
function view(found?: number, set?: number, locked?: number): ItemView {
  if (!valve) throw new Error('no valve');
  const readings: ValveReadings = {
    ...(found !== undefined && { found: read(found) }),
    ...(set !== undefined && { set: read(set) }),
    ...(locked !== undefined && { locked: read(locked) }),
  };
  const verdict = lashVerdict({
    lowMm: 0.4,
    highMm: 0.45,
    ...(found !== undefined && { foundMm: found }),
    ...(set !== undefined && { setMm: set }),
    ...(locked !== undefined && { lockedMm: locked }),
  });
  return {
    item: valve,
    setBy: 'gap',
    target: null,
    readings,
    verdict,
    setting: null,
    bridge: {},
    rodNext: null,
    bridgeNext: null,
    done: verdict.locked === 'within',
  };
}

describe('which reading of a valve comes next', () => {
  it.each([
    ['nothing read', view(), 'found'],
    ['found out of limits', view(0.6), 'set'],
    ['found within: left alone and felt locked', view(0.42), 'locked'],
    ['set within', view(0.6, 0.42), 'locked'],
    ['set out of limits: set again', view(0.6, 0.5), 'set'],
    ['moved on locking: set again', view(0.6, 0.42, 0.47), 'set'],
    ['locked within', view(0.6, 0.42, 0.43), 'locked'],
  ] as const)('after %s', (_, standing, next) => {
    expect(readingNext(standing, 'cold')).toBe(next);
  });

  it('is as set, and nothing after it, where nothing locks', () => {
    expect(readingNext(view(), 'cold', { counted: 'set' })).toBe('found');
    expect(readingNext(view(0.42), 'cold', { counted: 'set' })).toBe('set');
  });

  it('is as set on a head built new, which says nothing of how it was found', () => {
    expect(readingNext(view(), 'cold', { found: false })).toBe('set');
    expect(readingNext(view(undefined, 0.42), 'cold', { found: false })).toBe('locked');
  });

  it('is always the hot one at the recheck', () => {
    expect(readingNext(view(0.6, 0.42, 0.43), 'hot')).toBe('hot');
  });
});
