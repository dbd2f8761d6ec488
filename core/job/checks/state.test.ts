import { NO_CHECKS, type ChecksState } from '../facts/checks';
import fc from 'fast-check';
import { evolveSlice } from '../kit/evolveSlice';
import { checksSlice } from '../slices/checks';
import { decidedOf, readingOf, seenOf, WHOLE } from './state';
import type { Act, LoggedAct } from '../act';

let count = 0;
/** One act of a log that is only about checks. */
function storyOf(type: string, data: object): LoggedAct {
  count += 1;
  const act = { id: `act-${count}`, type, at: '2026-03-02T08:00:00Z', by: 'someone', data };
  return { ...(act as unknown as Act), seq: count, receivedAt: null };
}

const read = (item: string, mm: number, place?: string) =>
  storyOf('check.read', {
    check: 'bores',
    item,
    ...(place !== undefined && { place }),
    mm,
    printed: { text: String(mm), unit: 'mm' },
  });
const decide = (item: string) =>
  storyOf('check.decided', { check: 'bores', item, decision: 'replace', words: 'worn' });
const evolveChecks = (state: ChecksState, act: LoggedAct) => evolveSlice(checksSlice, state, act);
const after = (...acts: readonly LoggedAct[]) => acts.reduce(evolveChecks, NO_CHECKS);

describe('checks', () => {
  it('keep the newest reading of each place, and no other of it', () => {
    const state = after(
      read('1', 105.01, 'top'),
      read('1', 105.02, 'low'),
      read('1', 105.03, 'top'),
    );
    expect(readingOf(state, 'bores', '1', 'top')?.mm).toBe(105.03);
    expect(readingOf(state, 'bores', '1', 'low')?.mm).toBe(105.02);
    expect(readingOf(state, 'bores', '2', 'top')).toBeUndefined();
  });

  it('remember what each reading was taken with', () => {
    const gauge = { id: 'm1', name: 'Micrometer 2' };
    const act = storyOf('check.read', {
      check: 'rings',
      item: '1',
      mm: 4,
      printed: { text: '4', unit: 'mm' },
      gauge,
    });
    expect(readingOf(after(act), 'rings', '1')?.gauge).toEqual(gauge);
  });

  it('ask again what was decided about a thing that is read again, and of nothing else', () => {
    const decided = after(read('1', 105.3), read('2', 105.3), decide('1'), decide('2'));
    const again = evolveChecks(decided, read('1', 105.1));
    expect(decidedOf(again, 'bores', '1')).toBeUndefined();
    expect(decidedOf(again, 'bores', '2')?.decision).toBe('replace');
  });

  it('ask again what was decided about a whole of which a part is read again', () => {
    const again = after(read('long', 0.1), decide(WHOLE), read('cross', 0.2));
    expect(decidedOf(again, 'bores', WHOLE)).toBeUndefined();
  });

  it('keep what was seen at each step of an item apart', () => {
    const seen = (step: string, found: 'good' | 'not-good') =>
      storyOf('check.seen', { check: 'holes', item: 'h1', step, found, words: 'thread pulled' });
    const state = after(seen('chased', 'good'), seen('dry', 'not-good'));
    expect(seenOf(state, 'holes', 'h1', 'chased')?.found).toBe('good');
    expect(seenOf(state, 'holes', 'h1', 'dry')).toMatchObject({
      found: 'not-good',
      words: 'thread pulled',
    });
    expect(seenOf(state, 'holes', 'h1', 'clean')).toBeUndefined();
  });

  it('are the same object after an act that is about something else', () => {
    const state = after(read('1', 105));
    expect(evolveChecks(state, storyOf('crank.doubted', { words: 'bumped' }))).toBe(state);
  });

  it('never lose a reading of one place to one of another', () => {
    const places = fc.array(
      fc.tuple(fc.constantFrom('1', '2', '3'), fc.constantFrom('a', 'b'), fc.integer()),
      { maxLength: 20 },
    );
    fc.assert(
      fc.property(places, (readings) => {
        const state = after(...readings.map(([item, place, mm]) => read(item, mm, place)));
        const newest = new Map(readings.map(([item, place, mm]) => [`${item}|${place}`, mm]));
        for (const [key, mm] of newest) {
          const [item = '', place = ''] = key.split('|');
          expect(readingOf(state, 'bores', item, place)?.mm).toBe(mm);
        }
      }),
    );
  });
});
