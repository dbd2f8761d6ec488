import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import type { EngineSheet } from '../../sheet/engineSheet';
import { BORE_STEPS } from './bores/checks';
import { gasketFinding } from './stand-out/checks';
import { gasketOptions } from './stand-out/gasketOptions';
import { boresToRemark, readingsOf } from './liners/view';
import { placingOf } from './liners/placing';
import { allChecks, checkOf } from '../checks/allChecks';
import { checkView } from '../checks/view';
import { scopedSheet } from '../scope';
import { scopesFor } from '../plan/scopeChoices';
import {
  allGood,
  apart,
  cardIn,
  madeDead,
  measured,
  openedFor,
  refusalIn,
  sheetIn,
} from '../tests/intake';
import { stateOf, lastAt } from '../tests/story';
import { readingTables } from '../readings';
import { trayOf } from '../tray';

const EVERYTHING = { kind: 'everything' } as const;

const names = (sheet: EngineSheet, story: Storyteller): string[] => {
  const state = stateOf(story);
  return trayOf(sheet, state, lastAt(story))
    .filter(({ card }) => card !== 'fit')
    .map(({ card, set }) => (card === 'tighten' ? (set?.id ?? '') : card));
};

const viewOf = (story: Storyteller, sheet: EngineSheet, id: string) => {
  const scoped = sheetIn(story, sheet);
  const check = checkOf(scoped, id);
  if (!check) throw new Error(`no check ${id}`);
  return checkView(scoped, stateOf(story).checks, check);
};

/** Liners read alike and accepted, their seals counted. */
function linersDone(story: Storyteller): Storyteller {
  for (const bore of ['1', '2', '3', '4']) story.act('liner.sealed', { bore, out: 2, in: 2 });
  for (const [bore, mm] of [0.06, 0.08, 0.1, 0.11].entries()) story.liner(String(bore + 1), mm, mm);
  return story.act('liners.accepted', {});
}

describe('the cards of an engine put together', () => {
  it('stand in the order of work, each after the one before', () => {
    expect(names(tolvane44, openedFor(tolvane44, EVERYTHING, {}))).toEqual([
      'dead',
      'strip',
      'mark',
      'parts',
      'inspect',
      'bores',
      'liners',
      'shells',
      'main-caps',
      'crank',
      'pistons',
      'rod-caps',
      'timing',
      'stand-out',
      'head-build',
      'head',
      'valves',
      'pump',
      'recheck',
      'after-heat',
      'cause',
    ]);
  });

  it('one head asks for none of what it leaves alone', () => {
    const scope = { kind: 'one-head', only: '2' } as const;
    const story = openedFor(hesperM6Right, scope, {});
    for (const card of ['bores', 'shells', 'crank', 'pistons', 'rod-caps']) {
      expect(names(hesperM6Right, story)).not.toContain(card);
    }
  });

  it.each(
    demoSheets.flatMap((sheet) => scopesFor(sheet).map((kind) => [sheet.id, kind, sheet] as const)),
  )('on %s, %s, no check stands twice and none is empty', (_, kind, sheet) => {
    const checks = allChecks(scopedSheet(sheet, { kind }));
    expect(new Set(checks.map(({ id }) => id)).size).toBe(checks.length);
    for (const { items, places } of checks) {
      expect(new Set(items).size).toBe(items.length);
      expect(new Set(places).size).toBe(places.length);
      expect(items.length * places.length).toBeGreaterThan(0);
    }
  });
});

describe('bores', () => {
  it('bar the pistons until each is washed, proved white, dried and oiled', () => {
    const story = apart(tolvane44, EVERYTHING);
    const item = '3';
    for (const cylinder of ['1', '2', '4']) {
      for (const step of BORE_STEPS) {
        story.act('check.seen', { check: 'bore-work', item: cylinder, step, found: 'good' });
      }
    }
    expect(cardIn(story, tolvane44, 'liners').status).toBe('barred');
    expect(
      refusalIn(story, tolvane44, 'check.seen', {
        check: 'in-bore',
        item: '1',
        step: 'in',
        found: 'good',
      }),
    ).toBe('card-barred');
    for (const step of BORE_STEPS) {
      story.act('check.seen', { check: 'bore-work', item, step, found: 'good' });
    }
    expect(cardIn(story, tolvane44, 'bores').status).toBe('done');
    // A rag that came away grey asks for the wash again; only the lead lets it stand.
    story.act('check.seen', {
      check: 'bore-work',
      item,
      step: 'white-rag',
      found: 'not-good',
      words: 'grey',
    });
    expect(cardIn(story, tolvane44, 'bores')).toMatchObject({
      status: 'open',
      needsAttention: true,
    });
    story.act('check.decided', { check: 'bore-work', item, decision: 'rework', words: 'again' });
    expect(cardIn(story, tolvane44, 'bores').status).toBe('open');
  });
});

describe('liners that were out', () => {
  const begun = (): Storyteller => allGood(apart(tolvane44, EVERYTHING), tolvane44, 'bores');

  it('are placed by their ledges and flanges once all are measured', () => {
    const story = begun();
    measured(story, tolvane44, 'counterbores', { '1': [8], '2': [8], '3': [8], '4': [8] });
    const placing = () => placingOf(sheetIn(story, tolvane44), stateOf(story).checks);
    expect(placing()).toBeNull();
    measured(story, tolvane44, 'flanges', { '1': [8.06], '2': [8.1], '3': [8.08], '4': [8.11] });
    expect(placing()).toMatchObject({
      rise: 'up',
      maxShims: 0,
      limits: { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.03 },
    });
  });

  it('once moved are marked anew, sealed and read again before they are accepted', () => {
    const story = begun();
    linersDone(story);
    story.act('liners.placed', {
      placement: ['1', '3', '2', '4'].map((liner, at) => ({
        bore: String(at + 1),
        liner,
        shimsMm: [],
      })),
    });
    const { liners } = stateOf(story);
    expect(liners.accepted).toBeNull();
    expect(boresToRemark(liners)).toEqual(['2', '3']);
    // Only those that moved lose what was read and counted.
    expect(['1', '2'].map((bore) => readingsOf(liners, bore).length)).toEqual([4, 0]);
    expect(cardIn(story, tolvane44, 'liners').reason.code).toBe('liners-to-mark');
    story.liner('2', 0.08, 0.08).liner('3', 0.1, 0.1);
    expect(refusalIn(story, tolvane44, 'liners.accepted', {})).toBe('seals-first');
    for (const bore of ['2', '3']) story.act('liner.sealed', { bore, out: 2, in: 2 });
    story.liner('2', 0.08, 0.08).liner('3', 0.1, 0.1);
    expect(refusalIn(story, tolvane44, 'liners.accepted', {})).toBe('liners-to-mark');
    const place = { bank: 'a', end: 'fan' as const, total: 4, part: 'liner' };
    for (const nth of [2, 3]) {
      story.act('mark.made', {
        mark: `liner/${nth}`,
        kind: 'liner',
        code: `L ${nth}`,
        place: { ...place, nth },
      });
    }
    expect(refusalIn(story, tolvane44, 'liners.accepted', {})).toBeNull();
    // Put back where they came from, they carry the marks of the bores they were moved to.
    story.act('liners.placed', {
      placement: ['1', '2', '3', '4'].map((bore) => ({ bore, liner: bore, shimsMm: [] })),
    });
    expect(boresToRemark(stateOf(story).liners)).toEqual(['2', '3']);
  });

  it.each([
    ['an old seal left in its groove', { out: 1, in: 2 }],
    ['two in one groove', { out: 2, in: 3 }],
    ['one forgotten', { out: 2, in: 1 }],
  ])('%s keeps them from being accepted, and counting again puts it right', (_, counted) => {
    const story = linersDone(begun());
    story.act('liner.sealed', { bore: '2', ...counted }).liner('2', 0.08, 0.08);
    expect(refusalIn(story, tolvane44, 'liners.accepted', {})).toBe('seals-first');
    story.act('liner.sealed', { bore: '2', out: 2, in: 2 });
    expect(refusalIn(story, tolvane44, 'liners.accepted', {})).toBe('liners-incomplete');
    story.liner('2', 0.08, 0.08);
    expect(refusalIn(story, tolvane44, 'liners.accepted', {})).toBeNull();
  });

  it('a placement gives each bore one liner and each liner one bore', () => {
    const place = (bore: string, liner: string) => ({ bore, liner, shimsMm: [] });
    const refusal = (...placement: ReturnType<typeof place>[]) =>
      refusalIn(begun(), tolvane44, 'liners.placed', { placement });
    const [one, two, three] = [place('1', '1'), place('2', '2'), place('3', '3')];
    expect(refusal(one, two, three)).toBe('not-a-placement');
    expect(refusal(one, two, three, place('4', '3'))).toBe('not-a-placement');
    expect(refusal(one, two, three, place('4', '4'))).toBeNull();
  });
});

describe('pistons', () => {
  /** Everything before the pistons done, bores too. */
  const ready = (): Storyteller => allGood(apart(tolvane44, EVERYTHING), tolvane44, 'bores');

  it('a ring is judged at the tightest place of its own bore', () => {
    const story = openedFor(tolvane44, EVERYTHING, {});
    measured(story, tolvane44, 'bores', {
      '1': [105.06, 105.05, 105.03, 105.02, 105.02, 105.02],
      '2': [105.06, 105.05, 105.0, 105.0, 105.04, 105.04],
    });
    measured(story, tolvane44, 'ring-gaps', { '1/top': [0.4], '2/top': [0.4] });
    const gaps = viewOf(story, tolvane44, 'ring-gaps').judged.flatMap(({ finding }) =>
      finding?.kind === 'ring-gaps' ? [finding.found] : [],
    );
    expect(gaps.map(({ correctedMm }) => correctedMm)).toEqual([
      expect.closeTo(0.4, 9),
      expect.closeTo(0.4 - Math.PI * 0.04, 9),
    ]);
    expect(gaps.map(({ verdict }) => verdict)).toEqual(['within', 'file']);
  });

  it('a tight ring that is filed is measured again; deciding is not enough', () => {
    const story = ready();
    measured(story, tolvane44, 'ring-gaps', { '1/top': [0.3], '1/oil': [0.2] });
    const about = { check: 'ring-gaps', words: 'filed', decision: 'rework' as const };
    story.act('check.decided', { ...about, item: '1/top' });
    const undecided = () => viewOf(story, tolvane44, 'ring-gaps').undecided.map(({ item }) => item);
    expect(undecided()).toEqual(['1/top', '1/oil']);
    measured(story, tolvane44, 'ring-gaps', { '1/top': [0.4] });
    expect(undecided()).toEqual(['1/oil']);
  });

  it('masses are held against the spread, or each against the one opposite', () => {
    const weighed = (sheet: EngineSheet, ...grams: number[]) => {
      const story = openedFor(sheet, EVERYTHING, {});
      grams.forEach((weight, at) =>
        story.act('piece.weighed', {
          check: 'masses',
          item: String(at + 1),
          grams: weight,
          text: String(weight),
        }),
      );
      return viewOf(story, sheet, 'masses').judged[0];
    };
    expect(weighed(tolvane44, 902, 904, 915, 903)?.verdict).toBe('out');
    expect(weighed(tolvane44, 902, 904, 910, 903)?.verdict).toBe('within');
    expect(weighed(tolvane44, 902, 904)?.verdict).toBe('unread');
    // Cylinders opposite each other are alike, though the four are far apart.
    const [first, second] = averilQ4.pistons?.massPairs ?? [];
    const grams = [1, 2, 3, 4].map((cylinder) =>
      first?.includes(cylinder) === true ? 1200 : second?.includes(cylinder) === true ? 1260 : 0,
    );
    expect(weighed(averilQ4, ...grams)?.verdict).toBe('within');
    expect(
      weighed(averilQ4, ...[...grams].sort((a, b) => a - b).toSpliced(1, 1, 1260)),
    ).toMatchObject({
      verdict: 'out',
    });
  });
});

describe('stand-out and gasket', () => {
  const read = (story: Storyteller, ...mm: number[]): Storyteller =>
    measured(
      story,
      tolvane44,
      'stand-outs',
      Object.fromEntries(mm.map((value, at) => [String(at + 1), [value - 0.01, value + 0.01]])),
    );
  /** A gasket job whose cards up to the stand-out are left out or done. */
  const standing = (kind: 'gasket' | 'everything'): Storyteller => {
    const story = madeDead(openedFor(tolvane44, { kind }, {}), tolvane44);
    for (const card of ['mark', 'strip', 'parts', 'inspect', 'bores', 'shells'] as const) {
      story.act('card.left-out', { card, words: 'done before' });
    }
    return story;
  };

  it('every piston read gives the grade, the clearance and what each grade would do', () => {
    const story = read(standing('everything'), 0.5, 0.5, 0.54);
    const found = () => gasketFinding(sheetIn(story, tolvane44), stateOf(story).checks);
    expect(found()).toBeNull();
    measured(story, tolvane44, 'stand-outs', { '4': [0.49, 0.51] });
    expect(found()).toMatchObject({ mark: 'two holes', clearance: 'within' });
    const options = gasketOptions(sheetIn(story, tolvane44), stateOf(story).checks);
    expect(options.map(({ mark }) => mark)).toEqual(['one hole', 'two holes', 'three holes']);
    const ratios = options.map(({ ratio }) => ratio ?? 0);
    expect(ratios[0]).toBeGreaterThan(ratios[1] ?? 0);
    expect(ratios[1]).toBeGreaterThan(ratios[2] ?? 0);
    expect(options[1]?.leastMm).toBeCloseTo(0.76, 9);
  });

  it('by the old gasket only where pistons were not disturbed', () => {
    const choice = { mark: 'two holes', by: 'old-gasket' } as const;
    const story = standing('gasket');
    for (const [bore, mm] of [0.06, 0.08, 0.1, 0.11].entries())
      story.liner(String(bore + 1), mm, mm);
    story.act('liners.accepted', {});
    expect(refusalIn(story, tolvane44, 'gasket.chosen', choice)).toBeNull();
    expect(refusalIn(story, tolvane44, 'gasket.chosen', { ...choice, mark: 'nine' })).toBe(
      'unknown-gasket',
    );
    story.act('gasket.chosen', choice);
    expect(cardIn(story, tolvane44, 'stand-out').status).toBe('done');
    // A piston measured after all asks for the gasket again.
    story.act('temporary-part.put-in', {
      part: 'clamps',
      kind: 'liner-clamp',
      what: 'clamps',
      where: 'all',
      bars: 'cover',
    });
    read(story, 0.5);
    expect(cardIn(story, tolvane44, 'stand-out').status).toBe('open');
  });
});

describe('what the rest of a job knows of these cards', () => {
  it('every measure of theirs is a table that can be pasted or read from CSV', () => {
    const story = openedFor(tolvane44, EVERYTHING, {});
    const tables = readingTables(sheetIn(story, tolvane44), stateOf(story));
    const cards = tables.map(({ card }) => card);
    for (const card of ['counterbores', 'flanges', 'ring-gaps', 'side-clearances', 'stand-outs']) {
      expect(cards).toContain(card);
    }
    expect(tables.find(({ card }) => card === 'stand-outs')?.reachMm).toEqual([-5, 5]);
    // A mass is no length.
    expect(cards).not.toContain('masses');
  });

  it('a leaflet that says otherwise of the rings bars the pistons until somebody decides', () => {
    const story = allGood(apart(tolvane44, EVERYTHING), tolvane44, 'bores');
    const gap = tolvane44.pistons?.rings?.[0]?.gap?.low;
    if (!gap) throw new Error('no gap');
    story.act('leaflet.entered', {
      leaflet: 'rings',
      title: 'Ring set',
      cameWith: 'rings',
      points: [
        {
          at: '/pistons/rings/id=top/gap/low',
          to: { ...gap, text: '0.45 mm', value: 0.45, from: 'leaflet', source: 'Ring set' },
        },
      ],
    });
    expect(cardIn(story, tolvane44, 'pistons').reason).toEqual({
      code: 'differences-open',
      count: 1,
    });
  });
});
