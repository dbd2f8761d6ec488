import type { Scope } from '../../facts/scope';
import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { EngineSheet } from '../../../sheet/engineSheet';
import type { ActData } from '../../act';
import { scopedSheet } from '../../scope';
import { scopesFor } from '../../plan/scopeChoices';
import {
  cardIn,
  madeDead,
  marked,
  measured,
  openedFor,
  refusalIn,
  sheetIn,
  stripped,
} from '../../tests/intake';
import { stateOf } from '../../tests/story';
import { checksOf, THICKNESS } from './checks';
import { checkOf } from '../../checks/allChecks';
import { checkView, isFar } from '../../checks/view';

const onBench = (sheet: EngineSheet, scope: Scope) =>
  stripped(marked(madeDead(openedFor(sheet, scope), sheet), sheet), sheet);

const viewOf = (story: ReturnType<typeof onBench>, sheet: EngineSheet, id: string) => {
  const scoped = sheetIn(story, sheet);
  const check = checkOf(scoped, id);
  if (!check) throw new Error(`no check ${id}`);
  return checkView(scoped, stateOf(story).checks, check);
};

const decision = (more: Partial<ActData['check.decided']>): ActData['check.decided'] => ({
  check: 'bores',
  item: '',
  decision: 'replace',
  words: 'as measured',
  ...more,
});

describe('what is inspected', () => {
  it('nothing wears thicker: a head above its new thickness is out until it is decided', () => {
    const readings = (thicknessMm: number) => {
      const story = onBench(tolvane44, { kind: 'gasket' });
      const check = 'flatness/head/1';
      for (const item of checkOf(sheetIn(story, tolvane44), check)?.items ?? []) {
        const mm = item === THICKNESS ? thicknessMm : 0.02;
        story.act('check.read', { check, item, mm, printed: { text: String(mm), unit: 'mm' } });
      }
      return viewOf(story, tolvane44, check);
    };
    const [tooThick] = readings(93.1).judged;
    expect(tooThick).toMatchObject({ verdict: 'out', aboveNew: { mm: 93.1, newMm: 92 } });
    expect(readings(93.1).done).toBe(false);
    // Two gauges may differ by a little.
    for (const mm of [91.6, 92, 92.05]) {
      expect(readings(mm).judged[0]).toMatchObject({ verdict: 'within', aboveNew: null });
    }
  });

  it('follows from scope and sheet', () => {
    const ids = (sheet: EngineSheet, scope: Scope) =>
      checksOf(scopedSheet(sheet, scope)).map(({ id }) => id);
    expect(ids(tolvane44, { kind: 'gasket' })).toEqual([
      'flatness/head/1',
      'holes/head/1',
      'lengths/head/1',
      'bores',
      'look/head',
      'look/block',
      'look/gear',
    ]);
    expect(ids(hesperM6Right, { kind: 'one-head', only: '2' })).toEqual([
      'flatness/head/2',
      'holes/head/2',
      'bores',
      'rings',
      'look/head',
      'look/block',
      'look/gear',
    ]);
    expect(ids(quillon5c, { kind: 'everything' })).toEqual(
      expect.arrayContaining(['journals/mains', 'shells-found/mains']),
    );
  });

  it('asks after what stays on and was let go with a neighbour, of that alone', () => {
    const unclamped = (sheet: EngineSheet, scope: Scope) =>
      checksOf(scopedSheet(sheet, scope)).find(({ id }) => id === 'unclamped')?.items;
    expect(unclamped(averilQ4, { kind: 'one-cylinder', only: '4' })).toEqual([
      'cylinder/3',
      'case-half/right',
      'case-half/left',
    ]);
    expect(unclamped(averilQ4, { kind: 'everything' })).toBeUndefined();
    expect(unclamped(tolvane44, { kind: 'gasket' })).toBeUndefined();
  });

  it('that a neighbour has moved is decided before the inspection is done', () => {
    const story = onBench(averilQ4, { kind: 'one-cylinder', only: '4' });
    story.act('check.seen', {
      check: 'unclamped',
      item: 'cylinder/3',
      found: 'not-good',
      words: 'weeps at its base',
    });
    expect(cardIn(story, averilQ4, 'inspect').reason).toEqual({ code: 'inspected-out', count: 1 });
  });

  it('end float is not read here: the caps are down later, on the card of the crank', () => {
    const ids = checksOf(scopedSheet(quillon5c, { kind: 'everything' })).map(({ id }) => id);
    expect(ids).not.toContain('end-float/mains');
  });

  it.each(
    demoSheets.flatMap((sheet) => scopesFor(sheet).map((kind) => [sheet.id, kind, sheet] as const)),
  )('on %s, %s, has no check and no item twice', (_, kind, sheet) => {
    const checks = checksOf(scopedSheet(sheet, { kind }));
    expect(new Set(checks.map(({ id }) => id)).size).toBe(checks.length);
    for (const { items, places } of checks) {
      expect(new Set(items).size).toBe(items.length);
      expect(items.length * places.length).toBeGreaterThan(0);
    }
  });

  it('by turning the crank waits until nothing holds it', () => {
    const story = onBench(tolvane44, { kind: 'gasket' });
    const read = {
      check: 'bores',
      item: '1',
      place: 'top-along',
      mm: 105,
      printed: { text: '105', unit: 'mm' as const },
    };
    expect(refusalIn(story, tolvane44, 'check.read', read)).toBe('crank-held');
    story.act('temporary-part.put-in', {
      part: 'c',
      kind: 'liner-clamp',
      what: 'Liner clamps',
      where: 'deck',
      bars: 'cover',
    });
    expect(refusalIn(story, tolvane44, 'check.read', read)).toBeNull();
    expect(refusalIn(story, tolvane44, 'check.read', { ...read, mm: 10.5 })).toBe('beyond-reach');
    expect(refusalIn(story, tolvane44, 'check.read', { ...read, item: '5' })).toBe(
      'unknown-place-of-check',
    );
  });
});

describe('a warped head that carries its cam', () => {
  const story = measured(onBench(quillon5c, { kind: 'top-end' }), quillon5c, 'flatness/head/1', {
    long: [0.14],
    cross: [0.03],
    'diagonal-1': [0.1],
    'diagonal-2': [0.09],
  });

  it('is to be replaced, and cannot be decided to be cut', () => {
    const view = viewOf(story, quillon5c, 'flatness/head/1');
    expect(view.undecided).toHaveLength(1);
    expect(view.judged[0]?.finding).toMatchObject({
      kind: 'flatness',
      found: { verdict: 'replace', because: 'cam-in-head' },
    });
    const about = { check: 'flatness/head/1', item: '' };
    const refusal = (more: Partial<ActData['check.decided']>, member = {}) =>
      refusalIn(story, quillon5c, 'check.decided', decision({ ...about, ...more }), member);
    expect(refusal({ decision: 'rework' })).toBe('not-to-be-reworked');
    expect(refusal({ decision: 'keep' })).toBe('lead-lets-stand');
    expect(refusal({ decision: 'keep' }, { role: 'lead' })).toBe('needs-fresh-proof');
    expect(refusal({ decision: 'keep' }, { role: 'lead', fresh: true })).toBeNull();
    expect(refusal({ decision: 'replace' })).toBeNull();
  });

  it('at its limit is flat: limits are inclusive', () => {
    const flat = measured(onBench(quillon5c, { kind: 'top-end' }), quillon5c, 'flatness/head/1', {
      long: [0.08],
      cross: [0.08],
      'diagonal-1': [0.02],
      'diagonal-2': [0.02],
    });
    expect(viewOf(flat, quillon5c, 'flatness/head/1')).toMatchObject({ done: true, undecided: [] });
  });
});

describe('a head that may be cut', () => {
  const gaps = { long: [0.14], cross: [0.03], 'diagonal-1': [0.1], 'diagonal-2': [0.09] };
  const read = (thickness: number) =>
    measured(onBench(tolvane44, { kind: 'gasket' }), tolvane44, 'flatness/head/1', {
      ...gaps,
      thickness: [thickness],
    });

  it('is worked on, decided once, and asked again when it is read again', () => {
    const story = read(92);
    const about = decision({ check: 'flatness/head/1', decision: 'rework' });
    expect(refusalIn(story, tolvane44, 'check.decided', about)).toBeNull();
    story.act('check.decided', about);
    expect(viewOf(story, tolvane44, 'flatness/head/1').done).toBe(true);
    measured(story, tolvane44, 'flatness/head/1', { long: [0.2] });
    expect(viewOf(story, tolvane44, 'flatness/head/1').done).toBe(false);
  });

  it('is not when a cut would leave too little', () => {
    const about = decision({ check: 'flatness/head/1', decision: 'rework' });
    expect(refusalIn(read(91.45), tolvane44, 'check.decided', about)).toBe('not-to-be-reworked');
  });
});

describe('a bolt past its stretch limit', () => {
  const lengths = Object.fromEntries(
    Array.from({ length: 10 }, (_, place) => [`h${place + 1}`, [place === 6 ? 118.9 : 118.2]]),
  );
  const story = measured(
    onBench(tolvane44, { kind: 'gasket' }),
    tolvane44,
    'lengths/head/1',
    lengths,
  );

  it('is found among its fellows, and is replaced or let stand, never worked on', () => {
    const { undecided, read, total } = viewOf(story, tolvane44, 'lengths/head/1');
    expect(undecided.map(({ item }) => item)).toEqual(['h7']);
    expect([read, total]).toEqual([10, 10]);
    const about = { check: 'lengths/head/1', item: 'h7' };
    const rework = decision({ ...about, decision: 'rework' });
    expect(refusalIn(story, tolvane44, 'check.decided', rework)).toBe('not-to-be-reworked');
    const within = decision({ ...about, item: 'h1' });
    expect(refusalIn(story, tolvane44, 'check.decided', within)).toBe('nothing-out');
    expect(cardIn(story, tolvane44, 'inspect').reason).toEqual({ code: 'inspected-out', count: 1 });
  });

  it('once to be replaced is on the list of what is needed, and its set waits for it', () => {
    story.act('check.decided', decision({ check: 'lengths/head/1', item: 'h7' }));
    expect(
      refusalIn(story, tolvane44, 'part.arrived', {
        part: 'found/lengths/head/1/h7',
        count: 1,
        verdict: 'right',
      }),
    ).toBeNull();
    expect(viewOf(story, tolvane44, 'lengths/head/1').done).toBe(true);
  });
});

describe('a journal', () => {
  const scope = { kind: 'everything' } as const;
  const readAs = (mm: number) =>
    viewOf(
      measured(onBench(tolvane44, scope), tolvane44, 'journals/mains', { '3': [mm, mm] }),
      tolvane44,
      'journals/mains',
    ).judged.find(({ item }) => item === '3');

  it('within its sizes is kept, worn is ground, beyond its last undersize replaced', () => {
    expect(readAs(74.96)?.verdict).toBe('within');
    expect(readAs(74.9)).toMatchObject({
      verdict: 'out',
      finding: { found: { verdict: 'grind' } },
    });
    expect(readAs(74.39)).toMatchObject({
      verdict: 'out',
      finding: { found: { verdict: 'replace' } },
    });
  });

  it('out of round is out, whatever its size', () => {
    const story = measured(onBench(tolvane44, scope), tolvane44, 'journals/mains', {
      '2': [74.98, 74.965],
      '4': [74.995, 74.96],
    });
    const { judged } = viewOf(story, tolvane44, 'journals/mains');
    expect(judged.find(({ item }) => item === '2')?.verdict).toBe('within');
    expect(judged.find(({ item }) => item === '4')?.verdict).toBe('out');
  });

  it('gives its clearance with the bearing read over it', () => {
    const story = measured(onBench(tolvane44, scope), tolvane44, 'journals/mains', {
      '1': [74.97, 74.97],
    });
    measured(story, tolvane44, 'clearances/mains', { '1': [75.02, 75.08], '2': [75.03, 75.03] });
    const { judged } = viewOf(story, tolvane44, 'clearances/mains');
    expect(judged[0]?.finding).toMatchObject({
      found: { smallest: 'within', largest: 'within' },
    });
    // No journal read: nothing to reckon with, and not taken for within.
    expect(judged[1]?.verdict).toBe('no-limit');
  });
});

describe('a sealing ring', () => {
  it('is judged once it is read at all four places', () => {
    const story = onBench(hesperM6Right, { kind: 'one-head', only: '2' });
    measured(story, hesperM6Right, 'rings', { '2': [3.9, 3.91, 3.9] });
    expect(viewOf(story, hesperM6Right, 'rings').judged[0]?.verdict).toBe('unread');
    measured(story, hesperM6Right, 'rings', { '2': [3.9, 3.91, 3.9, 3.84] });
    expect(viewOf(story, hesperM6Right, 'rings').undecided).toHaveLength(1);
  });
});

describe('holes and what is looked over', () => {
  it('each hole is ticked at every step; one that is not good is decided', () => {
    const story = onBench(tolvane44, { kind: 'gasket' });
    const seen = (item: string, step: string, found: 'good' | 'not-good' = 'good') =>
      story.act('check.seen', {
        check: 'holes/head/1',
        item,
        step,
        found,
        ...(found === 'not-good' && { words: 'thread pulled' }),
      });
    const first = () =>
      viewOf(story, tolvane44, 'holes/head/1').judged.find(({ item }) => item === 'h1')?.verdict;
    for (const step of ['chased', 'clean', 'dry']) seen('h1', step);
    expect(first()).toBe('unread');
    seen('h1', 'runs-down');
    expect(first()).toBe('within');
    seen('h2', 'runs-down', 'not-good');
    expect(viewOf(story, tolvane44, 'holes/head/1').undecided.map(({ item }) => item)).toEqual([
      'h2',
    ]);
    seen('h2', 'runs-down');
    expect(viewOf(story, tolvane44, 'holes/head/1').undecided).toEqual([]);
  });

  it('is looked over where one stands: no list is longer than a look', () => {
    for (const sheet of demoSheets) {
      const looks = checksOf(scopedSheet(sheet, { kind: 'everything' })).filter(
        ({ kind }) => kind === 'look',
      );
      expect(looks.length).toBeGreaterThan(1);
      for (const { items } of looks) expect(items.length).toBeLessThanOrEqual(12);
    }
  });

  it('what is not good is said in words', () => {
    const story = onBench(tolvane44, { kind: 'gasket' });
    const look = { check: 'look/head', item: 'springs', found: 'not-good' as const };
    expect(refusalIn(story, tolvane44, 'check.seen', look)).toBe('words-needed');
    expect(refusalIn(story, tolvane44, 'check.seen', { ...look, words: 'one short' })).toBeNull();
  });
});

it('a reading far from its fellows is told from one that is only high', () => {
  const story = measured(onBench(tolvane44, { kind: 'gasket' }), tolvane44, 'lengths/head/1', {
    h1: [118.2],
    h2: [118.1],
    h3: [118.3],
    h4: [118.2],
  });
  const check = checkOf(sheetIn(story, tolvane44), 'lengths/head/1');
  if (!check) throw new Error('no check');
  const far = (mm: number) => isFar(stateOf(story).checks, check, { item: 'h5', place: '' }, mm);
  expect([far(118.5), far(108.2)]).toEqual([false, true]);
});
