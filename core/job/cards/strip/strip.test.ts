import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { planOf } from '../../../sheet/programmeOf';
import { crankHeldBy } from '../../crankHeld';
import { slackened } from '../../slackening';
import {
  cardIn,
  madeDead,
  marked,
  openedFor,
  refusalIn,
  sheetIn,
  stripped,
} from '../../tests/intake';
import { stateOf } from '../../tests/story';
import { mayBeUsedAgain, oldBoltsOf, stripRuns } from './view';

const GASKET = { kind: 'gasket' } as const;

describe('slackening', () => {
  it.each(
    demoSheets.flatMap((sheet) =>
      (sheet.fastenedSets ?? []).map((set) => [`${sheet.id}, ${set.id}`, set] as const),
    ),
  )('of %s lets every bolt go once in every step, none forgotten', (_, set) => {
    const acts = planOf(slackened(set), set.instances[0] ?? '')?.acts ?? [];
    const stages = [...new Set(acts.map(({ stage }) => stage))];
    expect(stages.length).toBeGreaterThan(1);
    for (const stage of stages) {
      const bolts = acts.filter((act) => act.stage === stage).map(({ fastener }) => fastener);
      expect([...bolts].sort()).toEqual(set.fasteners.map(({ id }) => id).sort());
    }
    expect(acts.at(-1)?.kind).toBe('slacken');
    expect(acts.at(-1)?.deg).toBeUndefined();
  });

  it('is the tightening order in reverse', () => {
    const head = tolvane44.fastenedSets?.[0];
    if (!head) throw new Error('no head');
    const last = planOf(head, '1')?.acts.filter(({ stage }) => stage === 's3');
    const first = planOf(slackened(head), '1')?.acts.filter(({ stage }) => stage === 'ease-1');
    const order = (acts: typeof last) => acts?.map(({ fastener }) => fastener);
    expect(order(first)).toEqual(order(last)?.reverse());
  });

  it('of studs that were stretched pumps them up again first, once the caution is read', () => {
    const story = madeDead(
      openedFor(hesperM6Right, { kind: 'one-head', only: '3' }),
      hesperM6Right,
    );
    const [run] = stripRuns(sheetIn(story, hesperM6Right), stateOf(story), '');
    const next = run?.next?.act;
    expect(run?.name.instance).toBe('3');
    expect(next?.kind).toBe('hydraulic');
    const pull = { key: next?.key ?? '', pass: 1, bar: next?.bar ?? 0 };
    expect(refusalIn(story, hesperM6Right, 'stud.tensioned', pull)).toBe('caution-first');
    story.act('caution.acknowledged', { caution: 'hydraulics' });
    expect(refusalIn(story, hesperM6Right, 'stud.tensioned', pull)).toBeNull();
  });

  it('waits until the engine is dead', () => {
    const story = openedFor(tolvane44, GASKET);
    const key = stripRuns(sheetIn(story, tolvane44), stateOf(story), '')[0]?.next?.act.key ?? '';
    expect(refusalIn(story, tolvane44, 'bolt.eased', { key, pass: 1 })).toBe('card-barred');
    madeDead(story, tolvane44);
    expect(refusalIn(story, tolvane44, 'bolt.eased', { key, pass: 1 })).toBeNull();
  });

  it('takes cam caps up before the head, and by more small steps', () => {
    const story = madeDead(openedFor(quillon5c, GASKET), quillon5c);
    const runs = stripRuns(sheetIn(story, quillon5c), stateOf(story), '');
    expect(runs.map(({ name }) => name.set)).toEqual(['cam-sprocket', 'cam-caps', 'head']);
    expect(runs.map(({ stages }) => stages.length)).toEqual([2, 3, 2]);
  });
});

/** A piston that could lift the liner it is in. */
const PISTON_IN = { check: 'in-bore', item: '1', step: 'in', found: 'good' } as const;

describe('the head', () => {
  it('comes off only once its bolts are out', () => {
    const story = madeDead(openedFor(tolvane44, GASKET), tolvane44);
    const off = { check: 'strip', item: 'off/head/1', found: 'good' as const };
    expect(refusalIn(story, tolvane44, 'check.seen', off)).toBe('not-loose-yet');
    stripped(story, tolvane44);
    expect(cardIn(story, tolvane44, 'strip').status).toBe('done');
  });

  it('off, with wet liners and no clamps, holds the crank until they are in', () => {
    const story = stripped(madeDead(openedFor(tolvane44, GASKET), tolvane44), tolvane44);
    const held = () =>
      crankHeldBy(sheetIn(story, tolvane44), stateOf(story)).map((hold) => hold.code);
    expect(held()).toEqual(['liners-loose']);
    const stood = { atDeg: 0, seen: '4 rocking' };
    story.act('caution.acknowledged', { caution: 'barring' });
    expect(refusalIn(story, tolvane44, 'crank.stood', stood)).toBe('crank-held');
    story.act('temporary-part.put-in', {
      part: 'clamps',
      kind: 'liner-clamp',
      what: 'Liner clamps',
      where: 'deck',
      bars: 'cover',
    });
    expect(held()).toEqual([]);
    expect(refusalIn(story, tolvane44, 'crank.stood', stood)).toBeNull();
    story.act('temporary-part.taken-out', { part: 'clamps' });
    expect(held()).toEqual(['liners-loose']);
  });

  it('off, with its liners out, holds nothing until they are back in', () => {
    const story = stripped(
      madeDead(openedFor(tolvane44, { kind: 'in-frame' }), tolvane44),
      tolvane44,
    );
    const held = () =>
      crankHeldBy(sheetIn(story, tolvane44), stateOf(story)).map((entry) => entry.code);
    expect(held()).toEqual([]);
    story.liner('1', 0.06, 0.06).act('liners.accepted', {});
    expect(held()).toEqual([]);
    story.act('check.seen', PISTON_IN);
    expect(held()).toEqual(['liners-loose']);
  });

  it('off, holds also the turn by hand that a programme asks for', () => {
    const story = madeDead(openedFor(hesperM6Right, { kind: 'in-frame' }), hesperM6Right);
    stripped(story, hesperM6Right);
    for (const card of ['mark', 'inspect', 'parts', 'bores', 'shells'] as const) {
      story.act('card.left-out', { card, words: 'elsewhere' });
    }
    for (const bore of ['1', '2', '3', '4', '5', '6']) story.liner(bore, 0.45, 0.45);
    story.act('liners.accepted', {}).act('check.seen', PISTON_IN);
    const run = { set: 'main-caps', instance: '1', programme: 'main' };
    story.act('run.prepared', { run, wrench: null, adapter: null, treatment: 'oil' });
    const caps = hesperM6Right.fastenedSets?.find(({ id }) => id === run.set);
    const acts = (caps && planOf(caps, '1')?.acts) ?? [];
    for (const { key, bar = 0, kind } of acts) {
      if (kind === 'hydraulic') story.act('stud.tensioned', { key, pass: 1, bar });
    }
    const step = { key: acts.find(({ kind }) => kind === 'turn-crank')?.key ?? '', pass: 1 };
    expect(refusalIn(story, hesperM6Right, 'step.done', step)).toBe('crank-held');
    story.act('temporary-part.put-in', {
      part: 'beam',
      kind: 'liner-clamp',
      what: 'Clamping beam',
      where: 'every liner',
      bars: 'cover',
    });
    expect(refusalIn(story, hesperM6Right, 'step.done', step)).toBeNull();
  });

  it('off dry liners holds nothing', () => {
    const story = stripped(madeDead(openedFor(quillon5c, GASKET), quillon5c), quillon5c);
    expect(crankHeldBy(sheetIn(story, quillon5c), stateOf(story))).toEqual([]);
  });
});

describe('a pin left in', () => {
  it('holds the crank, and a start, by its name', () => {
    const story = madeDead(openedFor(quillon5c, GASKET), quillon5c).act('temporary-part.put-in', {
      part: 't1',
      kind: 'pin',
      what: 'Camshaft pin',
      where: 'cam flange',
      bars: 'turn',
    });
    expect(crankHeldBy(sheetIn(story, quillon5c), stateOf(story))).toEqual([
      { code: 'temporary-part-in', what: 'Camshaft pin, cam flange' },
    ]);
    const out = { part: 't1' };
    expect(refusalIn(story, quillon5c, 'temporary-part.taken-out', { part: 'no' })).toBe(
      'unknown-temporary-part',
    );
    story.act('temporary-part.taken-out', out);
    expect(refusalIn(story, quillon5c, 'temporary-part.taken-out', out)).toBe('already-out');
  });
});

describe('old bolts', () => {
  it('are counted until none is missing', () => {
    const story = madeDead(openedFor(quillon5c, GASKET), quillon5c);
    const count = (bolts: number) =>
      refusalIn(story, quillon5c, 'bolts.counted', { set: 'head', group: 'long', count: bolts });
    expect(count(5)).toBe('not-all-bolts');
    expect(count(6)).toBeNull();
    expect(count(7)).toBe('not-all-bolts');
  });

  it('used once are spent; others by their length, or by how often they were used', () => {
    const [long] = oldBoltsOf(sheetIn(openedFor(quillon5c, GASKET), quillon5c)).filter(
      ({ group }) => group.id === 'long',
    );
    const [head] = oldBoltsOf(sheetIn(openedFor(tolvane44, GASKET), tolvane44));
    if (!long || !head) throw new Error('no bolts');
    expect([long.spent, mayBeUsedAgain(long, undefined)]).toEqual([true, false]);
    const byLength = { ...head, group: { ...head.group, uses: 'until-limit' as const } };
    expect([head.spent, mayBeUsedAgain(byLength, undefined)]).toEqual([false, true]);
    const thrice = { ...head, group: { ...head.group, uses: { most: 3 } } };
    const reported = { count: 10, at: '', by: '' };
    expect(mayBeUsedAgain(thrice, reported)).toBeNull();
    expect(mayBeUsedAgain(thrice, { ...reported, uses: 2 })).toBe(true);
    expect(mayBeUsedAgain(thrice, { ...reported, uses: 3 })).toBe(false);
  });

  it('of every head of a V are counted together', () => {
    const bolts = oldBoltsOf(sheetIn(openedFor(castryV8, GASKET), castryV8));
    const each = castryV8.fastenedSets?.[0]?.fasteners.length ?? 0;
    const inHead = bolts.filter(({ set }) => set.id === 'head');
    expect(inHead.reduce((sum, { count }) => sum + count, 0)).toBe(each * 2);
  });
});

it('a job is inspected only when all is marked and off', () => {
  const story = madeDead(openedFor(tolvane44, GASKET), tolvane44);
  expect(cardIn(story, tolvane44, 'inspect').reason).toMatchObject({
    code: 'card-first',
    card: 'mark',
  });
  marked(story, tolvane44);
  expect(cardIn(story, tolvane44, 'inspect').reason).toMatchObject({
    code: 'card-first',
    card: 'strip',
  });
  stripped(story, tolvane44);
  expect(cardIn(story, tolvane44, 'inspect').status).toBe('open');
});
