import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { MOST_PHOTOGRAPHS } from './photographs';
import { openedFor, refusalIn } from './tests/intake';
import { stateOf } from './tests/story';

const taken = (n: number, entry?: string) => ({
  photograph: `0190f000-0000-7000-8000-${String(n).padStart(12, '0')}`,
  says: `picture ${n}`,
  sha256: 'a'.repeat(64),
  ...(entry !== undefined && { of: entry }),
});

describe('photographs', () => {
  it('stand in the order they were taken, each of what it is of', () => {
    const story = openedFor(tolvane44, { kind: 'top-end' })
      .act('photograph.taken', taken(1))
      .act('photograph.taken', taken(2, 'mark/rod/1'));
    expect(stateOf(story).photographs).toMatchObject([
      { says: 'picture 1' },
      { says: 'picture 2', of: 'mark/rod/1' },
    ]);
    expect(stateOf(story.strikeLast()).photographs).toHaveLength(1);
  });

  it('are so many and no more', () => {
    const story = openedFor(tolvane44, { kind: 'top-end' });
    for (let n = 1; n < MOST_PHOTOGRAPHS; n += 1) story.act('photograph.taken', taken(n));
    expect(refusalIn(story, tolvane44, 'photograph.taken', taken(0))).toBeNull();
    story.act('photograph.taken', taken(MOST_PHOTOGRAPHS));
    expect(refusalIn(story, tolvane44, 'photograph.taken', taken(0))).toBe('too-many-photographs');
  });

  it('are taken of a parked job only once it is taken up again', () => {
    const parked = openedFor(tolvane44, { kind: 'top-end' }).act('job.parked', {
      done: [],
      words: 'waits',
      resumeBy: [],
    });
    expect(refusalIn(parked, tolvane44, 'photograph.taken', taken(1))).toBe('job-parked');
  });
});
