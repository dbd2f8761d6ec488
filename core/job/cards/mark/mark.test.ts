import type { Scope } from '../../facts/scope';
import type { MarkPlace } from '../../facts/marks';
import fc from 'fast-check';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { variantOf } from '../../../sheet/variants';
import { redoOf } from '../../redo';
import { scopeChoices, scopesFor } from '../../plan/scopeChoices';
import { scopedSheet } from '../../scope';
import { cardIn, madeDead, marked, openedFor, refusalIn, sheetIn } from '../../tests/intake';
import { stateOf } from '../../tests/story';
import { isSamePart, marksOf, markViews, strayMarks } from './view';

const kindsOf = (sheet: EngineSheet, scope: Scope): readonly string[] => [
  ...new Set(marksOf(scopedSheet(sheet, scope)).map(({ kind }) => kind)),
];

const firstScope = (sheet: EngineSheet, kind: Scope['kind']): Scope => {
  const [only] = scopeChoices(sheet, kind);
  return only === undefined ? { kind } : { kind, only };
};

describe('what is marked', () => {
  it('follows from the valve gear and from how far the job goes', () => {
    const all = ['bolts', 'rocker', 'push-rod', 'tappet', 'rod', 'liner', 'shells'];
    // Rockers stay on their shaft and tappets in the block: neither can be taken for another.
    expect(kindsOf(tolvane44, { kind: 'gasket' })).toEqual(['bolts', 'push-rod']);
    expect(kindsOf(tolvane44, { kind: 'top-end' })).toEqual(['bolts', 'rocker', 'push-rod']);
    expect(kindsOf(tolvane44, { kind: 'everything' })).toEqual(all);
    expect(kindsOf(quillon5c, { kind: 'top-end' })).toEqual(['bolts', 'tappet', 'tappet-shim']);
    // Roller tappets may move; these liners stand on shims.
    expect(kindsOf(hesperM6Right, { kind: 'one-cylinder', only: '2' })).toEqual([
      'bolts',
      'rocker',
      'push-rod',
      'rod',
      'liner',
      'liner-shim',
    ]);
  });

  it('is two shells for every journal, and one of each for every valve', () => {
    const marks = marksOf(scopedSheet(tolvane44, { kind: 'everything' }));
    const count = (kind: string) => marks.filter((mark) => mark.kind === kind).length;
    expect([count('shells'), count('push-rod'), count('rod')]).toEqual([18, 8, 4]);
    expect(new Set(marks.map(({ id }) => id)).size).toBe(marks.length);
    expect(new Set(marks.map(({ code }) => code)).size).toBe(marks.length);
  });

  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    'on %s is only what comes off, and each of it is tied to a piece that does',
    (_, sheet) => {
      for (const kind of scopesFor(sheet)) {
        const scoped = scopedSheet(sheet, firstScope(sheet, kind));
        for (const { pieces } of marksOf(scoped)) {
          expect(pieces.length).toBeGreaterThan(0);
          expect(pieces.filter((id) => !scoped.comesOff.because.has(id))).toEqual([]);
        }
      }
    },
  );

  it('may be a rack for what lies in order, and for nothing else', () => {
    const story = madeDead(openedFor(tolvane44, { kind: 'everything' }), tolvane44);
    const told = (kind: string) =>
      marksOf(sheetIn(story, tolvane44))
        .filter((mark) => mark.kind === kind)
        .map(({ id: mark, kind: of, code, place }) => ({ mark, kind: of, code, place }));
    const rods = told('push-rod');
    expect(refusalIn(story, tolvane44, 'marks.racked', { marks: told('rod') })).toBe(
      'unknown-mark',
    );
    const wrong = rods.map((mark, place) => (place === 0 ? { ...mark, code: 'P 9' } : mark));
    expect(refusalIn(story, tolvane44, 'marks.racked', { marks: wrong })).toBe('unknown-mark');
    story.act('marks.racked', { marks: rods });
    const made = stateOf(story).marks;
    expect(made.map(({ code }) => code)).toEqual(rods.map(({ code }) => code));
  });

  it('is written as this engine counts, or refused', () => {
    const story = madeDead(openedFor(tolvane44, { kind: 'gasket' }), tolvane44);
    const [mark] = marksOf(sheetIn(story, tolvane44)).filter(({ kind }) => kind === 'push-rod');
    if (!mark) throw new Error('no push rod');
    const made = { mark: mark.id, kind: mark.kind, code: mark.code, place: mark.place };
    expect(mark.code).toBe('P E1 (1)');
    expect(refusalIn(story, tolvane44, 'mark.made', made)).toBeNull();
    expect(refusalIn(story, tolvane44, 'mark.made', { ...made, code: 'P E2' })).toBe(
      'unknown-mark',
    );
    expect(
      refusalIn(story, tolvane44, 'mark.made', { ...made, place: { ...mark.place, nth: 2 } }),
    ).toBe('unknown-mark');
  });
});

describe('a place', () => {
  const place = fc.record({ total: fc.integer({ min: 1, max: 12 }) }).chain(({ total }) =>
    fc.record({
      total: fc.constant(total),
      nth: fc.integer({ min: 1, max: total }),
      end: fc.constantFrom('fan' as const, 'flywheel' as const),
      bank: fc.constant('a'),
      part: fc.constant('rod'),
    }),
  );
  const turned = (entry: MarkPlace): MarkPlace => ({
    ...entry,
    end: entry.end === 'fan' ? 'flywheel' : 'fan',
    nth: entry.total + 1 - entry.nth,
  });
  const same = (item: MarkPlace, other: MarkPlace): boolean =>
    isSamePart({ kind: 'rod', place: item }, { kind: 'rod', place: other });

  it('counted from the other end is the same place, and no other is', () => {
    fc.assert(
      fc.property(place, (each) => {
        expect(same(each, turned(each))).toBe(true);
        expect(same(turned(each), each)).toBe(true);
        for (let nth = 1; nth <= each.total; nth += 1) {
          expect(same(each, { ...each, nth })).toBe(nth === each.nth);
        }
      }),
    );
  });
});

describe('a variant found out half-way', () => {
  const scope = { kind: 'in-frame' } as const;
  const story = () =>
    marked(
      madeDead(openedFor(quillon5c, scope, { 'counted-from': 'pulley' }), quillon5c),
      quillon5c,
    );
  const changed = () =>
    story().act('variant.changed', {
      question: 'counted-from',
      option: 'flywheel',
      words: 'the figure 1 is at the flywheel',
    });

  it('translates each mark to the same part’s own number', () => {
    const retold = changed();
    const views = markViews(sheetIn(retold, quillon5c), stateOf(retold).marks);
    const sentenceOf = (id: string) => {
      const view = views.find(({ mark }) => mark.id === id);
      return [view?.made?.code, view?.mark.code, view?.translated];
    };
    expect(sentenceOf('rod/1')).toEqual(['R 1', 'R 1', false]);
    expect(sentenceOf('tappet/E2')).toEqual(['T E2 (3)', 'T E2 (8)', true]);
    expect(sentenceOf('tappet-shim/I5')).toEqual(['S I5 (10)', 'S I5 (1)', true]);
    expect(strayMarks(sheetIn(retold, quillon5c), stateOf(retold).marks)).toEqual([]);
  });

  it('opens the card again until every such part is marked anew', () => {
    const told = changed();
    expect(cardIn(story(), quillon5c, 'mark').status).toBe('done');
    const translated = markViews(sheetIn(told, quillon5c), stateOf(told).marks).filter(
      (view) => view.translated,
    );
    expect(cardIn(told, quillon5c, 'mark').reason).toEqual({
      code: 'marks-translated',
      count: translated.length,
    });
    for (const { mark } of translated) {
      told.act('mark.made', { mark: mark.id, kind: mark.kind, code: mark.code, place: mark.place });
    }
    expect(cardIn(told, quillon5c, 'mark').status).toBe('done');
  });

  it('names before it is taken what must be marked anew, and nothing that is right already', () => {
    const told = story();
    const now = sheetIn(told, quillon5c);
    const other = scopedSheet(variantOf(quillon5c, { 'counted-from': 'flywheel' }), scope);
    const { marks } = redoOf(now, other, stateOf(told), '');
    expect(marks).toContainEqual({ was: 'T E1 (1)', now: 'T E1 (10)' });
    // Ten buckets and their ten shims; rods, liners and shells are counted as before.
    expect(marks).toHaveLength(20);
    expect(redoOf(now, now, stateOf(told), '').marks).toEqual([]);
  });

  it('that has fewer parts names the marks that belong to none', () => {
    const told = story();
    const made = stateOf(told).marks;
    const shorter = variantOf(quillon5c, {});
    const without = { ...shorter, journals: [] };
    expect(
      strayMarks(scopedSheet(without, scope), made).every(({ kind }) => kind === 'shells'),
    ).toBe(true);
    expect(strayMarks(scopedSheet(without, scope), made)).not.toHaveLength(0);
  });
});
