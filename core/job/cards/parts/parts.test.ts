import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { cardIn, madeDead, openedFor, refusalIn, sheetIn } from '../../tests/intake';
import { stateOf } from '../../tests/story';
import { heldUpBy, kitOf, kitViews } from './view';

const HEAD = { card: 'tighten', set: 'head' } as const;
const job = () => openedFor(quillon5c, { kind: 'gasket' });
const held = (story: ReturnType<typeof job>, sheet = quillon5c) =>
  heldUpBy(sheetIn(story, sheet), stateOf(story), HEAD).map(({ what, code }) => `${what}: ${code}`);

describe('the kit', () => {
  it('counts bolts that are used once by their groups, and leaves out what the scope does not touch', () => {
    const parts = (kind: 'gasket' | 'in-frame') => {
      const story = openedFor(tolvane44, { kind });
      return kitOf(sheetIn(story, tolvane44), stateOf(story)).map(({ part }) => part);
    };
    expect(parts('gasket')).not.toContain('Rod bolts');
    const kit = kitOf(sheetIn(job(), quillon5c), stateOf(job()));
    expect(kit.slice(0, 2)).toMatchObject([
      { part: 'Long bolts, exhaust side', count: 6, when: 'always', holds: HEAD },
      { part: 'Short bolts, intake side', count: 6 },
    ]);
    expect(kit.map(({ part }) => part)).not.toContain('Head bolts');
  });

  it('has seals of liners only where liners come out', () => {
    const seals = (kind: 'gasket' | 'in-frame') => {
      const story = openedFor(tolvane44, { kind });
      const kit = kitOf(sheetIn(story, tolvane44), stateOf(story));
      return kit.filter(({ holds }) => holds?.card === 'liners').length;
    };
    expect([seals('gasket'), seals('in-frame')]).toEqual([0, 1]);
  });

  it('is right only when all of it came', () => {
    const story = job();
    const came = { part: 'bolts/head/long', count: 5, verdict: 'right' as const };
    expect(refusalIn(story, quillon5c, 'part.arrived', came)).toBe('part-short');
    const missing = { ...came, verdict: 'missing' as const };
    expect(refusalIn(story, quillon5c, 'part.arrived', missing)).toBe('words-needed');
    story.act('part.arrived', { ...missing, words: 'one left out' });
    expect(kitViews(sheetIn(story, quillon5c), stateOf(story))[0]?.standing).toBe('missing');
    expect(cardIn(story, quillon5c, 'parts').reason).toEqual({ code: 'parts-wrong', count: 1 });
    story.act('part.arrived', { ...came, count: 6 });
    expect(kitViews(sheetIn(story, quillon5c), stateOf(story))[0]?.standing).toBe('right');
  });
});

describe('a card', () => {
  it('waits for what it cannot do without, and says for what', () => {
    const story = job();
    expect(held(story)).toEqual([
      'Long bolts, exhaust side: to-come',
      'Short bolts, intake side: to-come',
      'Head gasket: to-choose',
    ]);
    for (const part of ['bolts/head/long', 'bolts/head/short']) {
      story.act('part.arrived', { part, count: 6, verdict: 'right' });
    }
    const gasket = kitOf(sheetIn(story, quillon5c), stateOf(story)).find(
      ({ part }) => part === 'Head gasket',
    );
    story.act('part.arrived', {
      part: gasket?.id ?? '',
      count: 1,
      verdict: 'wrong',
      words: 'for the other variant',
    });
    expect(held(story)).toEqual(['Head gasket: wrong']);
  });

  it('does not wait for what is renewed only if worn', () => {
    const story = openedFor(tolvane44, { kind: 'gasket' });
    expect(held(story, tolvane44)).toEqual(['Head gasket: to-choose']);
  });

  it('waits for work sent out until it is back and washed', () => {
    const story = job();
    const before = held(story).length;
    story.act('work.sent', {
      work: 'w1',
      what: 'Head: crack test',
      to: 'Weir Street',
      holds: HEAD,
    });
    expect(held(story).slice(before)).toEqual(['Head: crack test: outside']);
    expect(refusalIn(story, quillon5c, 'work.back', { work: 'w9', result: '', washed: true })).toBe(
      'unknown-work',
    );
    story.act('work.back', { work: 'w1', result: 'No cracks', washed: false });
    expect(held(story).slice(before)).toEqual(['Head: crack test: unwashed']);
    story.act('work.back', { work: 'w1', result: 'No cracks', washed: true });
    expect(held(story)).toHaveLength(before);
  });
});

describe('bolts that may be used only so often', () => {
  const counted = (uses?: number) => ({
    set: 'head',
    group: 'all',
    count: 10,
    ...(uses !== undefined && { uses }),
  });
  it('are asked how often they were, and bought once that is reached', () => {
    const story = madeDead(openedFor(tolvane44, { kind: 'gasket' }), tolvane44);
    expect(refusalIn(story, tolvane44, 'bolts.counted', counted())).toBe('uses-needed');
    story.act('bolts.counted', counted(0));
    expect(held(story, tolvane44)).toEqual(['Head gasket: to-choose']);
    story.act('bolts.counted', counted(9));
    expect(held(story, tolvane44)).toEqual(['Head bolts: to-come', 'Head gasket: to-choose']);
  });
});
