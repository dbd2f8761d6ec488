import { demoSheets } from '@cardinex/demo/sheets/all';
import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { scopesFor } from '../../plan/scopeChoices';
import { scopedSheet } from '../../scope';
import { EMPTY_STATE } from '../../emptyJob';
import { apart, openedFor, refusalIn, sheetIn } from '../../tests/intake';
import { stateOf } from '../../tests/story';
import { jointsToRenew } from './joints';
import { orderList } from './orderList';
import { heldUpBy, kitOf, kitViews } from './view';

const HEAD = { card: 'tighten', set: 'head' } as const;
const GASKET = 'renew/0';

const kit = (story: Storyteller, sheet: EngineSheet = tolvane44) =>
  kitViews(sheetIn(story, sheet), stateOf(story));
const line = (story: Storyteller, id: string) => kit(story).find(({ item }) => item.id === id);
const ordered = (story: Storyteller, sheet: EngineSheet = tolvane44) =>
  orderList(sheetIn(story, sheet), stateOf(story));

describe('a gasket that comes in grades', () => {
  const open = () => openedFor(tolvane44, { kind: 'gasket' });
  const chosen = (story: Storyteller, mark: string) =>
    story.act('gasket.chosen', { mark, by: 'old-gasket', words: 'the old one has it' });
  const came = (grade?: string) => ({
    part: GASKET,
    count: 1,
    verdict: 'right' as const,
    ...(grade !== undefined && { grade }),
  });
  const [thin, thick] = (tolvane44.gasket?.grades ?? []).map(({ mark }) => mark);

  it('is held, and not ordered, until its grade is known', () => {
    const story = open();
    expect(line(story, GASKET)?.standing).toBe('to-choose');
    expect(ordered(story).find(({ item }) => item.id === GASKET)?.standing).toBe('held');
    expect(heldUpBy(sheetIn(story, tolvane44), stateOf(story), HEAD)).toContainEqual({
      what: 'Head gasket',
      code: 'to-choose',
    });
    chosen(story, thin ?? '');
    expect(line(story, GASKET)?.item.grade).toBe(thin);
    expect(ordered(story).find(({ item }) => item.id === GASKET)?.standing).toBe('to-order');
  });

  it('of another grade than the one chosen is wrong, whenever it came', () => {
    const story = open().act('part.arrived', came(thick));
    expect(line(story, GASKET)?.standing).toBe('right');
    chosen(story, thin ?? '');
    expect(line(story, GASKET)?.standing).toBe('wrong');
    story.act('part.arrived', came(thin));
    expect(line(story, GASKET)?.standing).toBe('right');
  });

  it('is for whoever buys it to know where nobody measures', () => {
    const story = open().act('card.left-out', { card: 'stand-out', words: 'as it was' });
    expect(line(story, GASKET)?.standing).toBe('to-come');
  });
});

describe('a matched set', () => {
  const worn = (check: string, item: string) => ({
    check,
    item,
    decision: 'replace' as const,
    words: 'worn through',
  });

  it('is condemned whole by any of it, in one line for its cylinder', () => {
    const story = apart(tolvane44, { kind: 'everything' });
    story.act('check.decided', worn('bores', '3'));
    for (const place of ['top-along', 'top-across'])
      story.act('check.read', {
        check: 'bores',
        item: '3',
        place,
        mm: 104.9,
        printed: { text: '104.90', unit: 'mm' },
      });
    story.act('check.decided', worn('bores', '3'));
    const condemned = kit(story).filter(({ item }) => item.condemned);
    expect(condemned.map(({ item }) => [item.part, item.condemned?.cylinders])).toEqual([
      ['Liner, piston and rings', [3]],
    ]);
    expect(kit(story).some(({ item }) => item.found?.check === 'bores')).toBe(false);
  });

  it('is never bought while none of it is', () => {
    const lines = kitOf(
      sheetIn(openedFor(averilQ4, { kind: 'everything' }), averilQ4),
      EMPTY_STATE,
    );
    expect(lines.some(({ when }) => when === 'matched-set')).toBe(false);
  });
});

describe('joints', () => {
  it('are counted for all instances of what comes off, and none that the kit names already', () => {
    for (const sheet of demoSheets)
      for (const kind of scopesFor(sheet)) {
        const scoped = scopedSheet(sheet, { kind });
        const listed = new Set((sheet.renew ?? []).map(({ part }) => part));
        for (const { what, count } of jointsToRenew(scoped)) {
          expect(count).toBeGreaterThan(0);
          expect(listed.has(what ?? '')).toBe(false);
        }
      }
  });

  it('stand in one line, with how many in all', () => {
    const story = openedFor(tolvane44, { kind: 'everything' });
    const joints = line(story, 'joints')?.item;
    expect(joints?.joints?.find(({ piece }) => piece === 'sump')).toMatchObject({ count: 2 });
    expect(joints?.count).toBe(joints?.joints?.reduce((sum, { count }) => sum + count, 0));
  });
});

describe('a day', () => {
  it('is said of lines of the list, the newest counts, and is over once they are here', () => {
    const story = openedFor(tolvane44, { kind: 'everything' });
    const parts = ['renew/2', 'joints'];
    story.act('parts.expected', { parts, on: '2026-03-05' });
    story.act('parts.expected', { parts: ['renew/2'], on: '2026-03-09', words: 'by van' });
    expect(line(story, 'renew/2')?.expected?.on).toBe('2026-03-09');
    expect(line(story, 'joints')?.expected?.on).toBe('2026-03-05');
    const held = heldUpBy(sheetIn(story, tolvane44), stateOf(story), { card: 'liners' });
    expect(held).toEqual([{ what: 'Liner seals', code: 'to-come', expected: '2026-03-09' }]);
    story.act('part.arrived', { part: 'renew/2', count: 8, verdict: 'right' });
    expect(line(story, 'renew/2')?.expected).toBeUndefined();
    expect(ordered(story).some(({ item }) => item.id === 'renew/2')).toBe(false);
  });

  it('is of no line that is not there', () => {
    const story = openedFor(tolvane44, { kind: 'gasket' });
    const data = { parts: ['renew/99'], on: '2026-03-05' };
    expect(refusalIn(story, tolvane44, 'parts.expected', data)).toBe('unknown-part');
  });
});

describe('a list to order', () => {
  it('has what is missing of a line, and nothing that is bought only if it is worn', () => {
    const story = openedFor(tolvane44, { kind: 'everything' });
    expect(ordered(story).some(({ item }) => item.when === 'if-worn')).toBe(false);
    story.act('part.arrived', {
      part: 'renew/2',
      count: 5,
      verdict: 'missing',
      words: 'three short',
    });
    expect(ordered(story).find(({ item }) => item.id === 'renew/2')).toMatchObject({
      count: 3,
      standing: 'missing',
    });
  });
});
