import { headCrankPlace } from '../../../sheet/assembly/pieceLines';
import type { Scope } from '../../facts/scope';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { groupMark } from '../../../sheet/groupMark';
import { groupOf } from '../../../sheet/programmeOf';
import { CRANK_STANDS } from '../../facts/crank';
import { partsUnder } from '../../register';
import { coveringView, crankForCover, hiddenUnder, LET_DOWN } from './covering';
import { allChecks, checkOf } from '../../checks/allChecks';
import { scopedSheet } from '../../scope';
import { apart, cardIn, madeDead, openedFor, refusalIn, sheetIn } from '../../tests/intake';
import { stateOf, lastAt } from '../../tests/story';

const TOP_END: Scope = { kind: 'top-end' };

/** A gasket job with everything up to the head done elsewhere. */
function atHead(sheet: EngineSheet = tolvane44, scope: Scope = { kind: 'gasket' }): Storyteller {
  const story = apart(sheet, scope);
  for (const card of ['stand-out', 'head-build'] as const)
    story.act('card.left-out', { card, words: 'done elsewhere' });
  if (sheet.id === tolvane44.id)
    for (const [bore, mm] of [0.06, 0.08, 0.1, 0.11].entries())
      story.liner(String(bore + 1), mm, mm);
  return sheet.liners ? story.act('liners.accepted', {}) : story;
}

const LOOK = 'last-look/head/1';
const ON = 'head-on/head/1';
const run = { set: 'head', instance: '1' };

function tick(story: Storyteller, check: string, item: string, step?: string): Storyteller {
  return story.act('check.seen', { check, item, ...(step && { step }), found: 'good' });
}

const stepsOf = (sheet: EngineSheet, id = ON): readonly string[] =>
  checkOf(scopedSheet(sheet, TOP_END), id)?.places ?? [];

function lookedOver(story: Storyteller, sheet = tolvane44): Storyteller {
  const check = checkOf(sheetIn(story, sheet), LOOK);
  return (check?.items ?? []).reduce((soFar, item) => tick(soFar, LOOK, item), story);
}

function upTo(story: Storyteller, step: string, sheet = tolvane44): Storyteller {
  const steps = stepsOf(sheet);
  return steps
    .slice(0, steps.indexOf(step))
    .reduce((soFar, before) => tick(soFar, ON, '1', before), story);
}

const viewOf = (story: Storyteller, sheet = tolvane44, at = lastAt(story)) =>
  coveringView(sheetIn(story, sheet), stateOf(story), run, at);

const refusedStep = (story: Storyteller, step: string): string | null =>
  refusalIn(story, tolvane44, 'check.seen', { check: ON, item: '1', step, found: 'good' });

describe('what a head hides', () => {
  it('is what its sheet says, the plugs under it, and what is always looked for', () => {
    const head = tolvane44.fastenedSets?.find(({ id }) => id === 'head');
    if (!head) throw new Error('no head');
    const sentences = hiddenUnder(scopedSheet(tolvane44, TOP_END), head).map(
      ({ line }) => line.what,
    );
    expect(sentences).toContain('Oil feed to the rockers clear at its dowel');
    const items = checkOf(scopedSheet(tolvane44, TOP_END), LOOK)?.items ?? [];
    expect(items).toEqual(['nothing-left', 'dowels', 'hides-0', 'hides-1', 'hides-2']);
  });

  it('is asked for each head of an engine with several', () => {
    const looks = allChecks(scopedSheet(hesperM6Right, TOP_END)).filter(
      ({ kind }) => kind === 'last-look',
    );
    expect(looks.map(({ instance }) => instance)).toEqual(['1', '2', '3', '4', '5', '6']);
  });
});

describe('a head goes on', () => {
  it('after a last look, step by step, and only then is it pulled', () => {
    const story = atHead();
    expect(cardIn(story, tolvane44, 'tighten').reason).toEqual({ code: 'to-cover', step: 'look' });
    lookedOver(story);
    expect(cardIn(story, tolvane44, 'tighten').reason).toEqual({ code: 'to-cover', step: 'on' });
    const prepared = {
      run: { ...run, programme: tolvane44.fastenedSets?.[0]?.programme?.id ?? '' },
      wrench: null,
      adapter: null,
      treatment: 'oil',
    };
    expect(refusalIn(story, tolvane44, 'run.prepared', prepared)).toBe('head-not-on');
    for (const step of stepsOf(tolvane44)) tick(story, ON, '1', step);
    expect(viewOf(story)?.next).toBeNull();
    expect(refusalIn(story, tolvane44, 'run.prepared', prepared)).toBeNull();
  });

  it('is not let down before all it hides was looked at', () => {
    const story = upTo(atHead(), LET_DOWN);
    expect(refusedStep(story, LET_DOWN)).toBe('look-first');
    expect(refusedStep(lookedOver(story), LET_DOWN)).toBeNull();
  });

  it('is not let down over a step that was passed by', () => {
    const story = lookedOver(atHead());
    tick(story, ON, '1', CRANK_STANDS);
    expect(refusedStep(story, LET_DOWN)).toBe('step-first');
  });

  it('is not let down over a step found not good, until it is put right or let stand', () => {
    const story = lookedOver(upTo(atHead(), LET_DOWN));
    story.act('check.seen', {
      check: ON,
      item: '1',
      step: 'faces',
      found: 'not-good',
      words: 'a film of oil',
    });
    expect(refusedStep(story, LET_DOWN)).toBe('step-first');
    expect(refusedStep(tick(story, ON, '1', 'faces'), LET_DOWN)).toBeNull();
  });

  it.each(['cover', 'lift'] as const)('is not let down onto what is still in: bars %s', (bars) => {
    const story = upTo(lookedOver(atHead()), LET_DOWN);
    story.act('temporary-part.put-in', {
      part: 'clamp',
      kind: 'liner-clamp',
      what: 'Liner clamps',
      where: 'all bores',
      bars,
    });
    expect(refusedStep(story, LET_DOWN)).toBe('temporary-parts-in');
    // What refuses it is what the card offers to take out.
    expect(partsUnder(stateOf(story), { kind: 'head' }).map(({ id }) => id)).toEqual(['clamp']);
    expect(
      refusedStep(story.act('temporary-part.taken-out', { part: 'clamp' }), LET_DOWN),
    ).toBeNull();
  });

  it('the crank is proved again after a pause, and after any turn of it', () => {
    const story = upTo(lookedOver(atHead()), LET_DOWN);
    expect(viewOf(story)?.crankAgain).toBe(false);
    const left = upTo(lookedOver(atHead()), LET_DOWN)
      .wait(20)
      .act('caution.acknowledged', { caution: 'barring' });
    expect(refusedStep(left, LET_DOWN)).toBe('crank-again');
    tick(left, ON, '1', CRANK_STANDS);
    expect(refusedStep(left, LET_DOWN)).toBeNull();
    const doubted = story.act('crank.doubted', { words: 'somebody leant on the bar' });
    expect(refusedStep(doubted, LET_DOWN)).toBe('crank-again');
  });

  it('once it is down, a pause takes nothing back', () => {
    const story = upTo(lookedOver(atHead()), LET_DOWN);
    tick(story, ON, '1', LET_DOWN).wait(60);
    tick(story, ON, '1', 'flush');
    expect(viewOf(story)?.next).toBeNull();
  });

  it('what was found not good keeps it from being pulled until it stands', () => {
    const story = atHead();
    story.act('check.seen', {
      check: LOOK,
      item: 'dowels',
      found: 'not-good',
      words: 'one missing',
    });
    expect(cardIn(story, tolvane44, 'tighten').needsAttention).toBe(true);
  });

  it('may be said to be on already, with the reason', () => {
    const story = atHead().act('card.left-out', { card: 'covering', words: 'it came so' });
    expect(viewOf(story)).toBeNull();
    expect(cardIn(story, tolvane44, 'tighten').reason.code).toBe('run-to-prepare');
  });
});

describe('what each sheet asks for', () => {
  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    '%s: down and flush last, the crank first where it matters',
    (_, sheet) => {
      const on = allChecks(scopedSheet(sheet, TOP_END)).filter(({ kind }) => kind === 'head-on');
      for (const { places } of on) {
        expect(places.slice(-2)).toEqual([LET_DOWN, 'flush']);
        expect(places.includes(CRANK_STANDS)).toBe(headCrankPlace(sheet)?.stands !== 'anywhere');
      }
    },
  );

  it('studs, sealing rings and several lengths are asked for where there are any', () => {
    expect(stepsOf(hesperM6Right)).toEqual(expect.arrayContaining(['sealing-ring', 'studs']));
    expect(stepsOf(quillon5c)).toContain('own-holes');
    expect(stepsOf(tolvane44)).not.toContain('studs');
  });

  it('each length has its mark on the map', () => {
    const head = quillon5c.fastenedSets?.find(({ id }) => id === 'head');
    if (!head) throw new Error('no head');
    const marks = head.fasteners.map((fastener) => {
      const group = groupOf(head, fastener);
      return group ? groupMark(head, group) : '?';
    });
    expect([...new Set(marks)].sort()).toEqual(head.groups.map((_, at) => 'ABC'[at]));
  });

  it('the crank for each head of its own is that cylinder’s, for pistons off the top between them', () => {
    const scoped = scopedSheet(hesperM6Right, TOP_END);
    const at = (instance: string) => crankForCover(scoped, { set: 'head', instance })?.cylinder;
    expect([at('1'), at('4')]).toEqual([1, 4]);
    expect(crankForCover(scopedSheet(quillon5c, TOP_END), run)).toMatchObject({
      cylinder: null,
      atDeg: 36,
    });
    expect(crankForCover(scopedSheet(orrin6t, TOP_END), run)?.cylinder).toBe(1);
  });

  it('a head is built where it is taken apart, not where it is only lifted', () => {
    const built = (kind: Scope['kind']) =>
      allChecks(scopedSheet(tolvane44, { kind })).some((check) => check.kind === 'head-built');
    expect([built('gasket'), built('top-end'), built('everything')]).toEqual([false, true, true]);
    const steps = checkOf(scopedSheet(tolvane44, TOP_END), 'head-built')?.places;
    expect(steps).toContain('sleeves');
  });

  it('heads built bar the head, until done or left out', () => {
    const story = madeDead(openedFor(tolvane44, TOP_END, {}), tolvane44);
    for (const card of ['mark', 'strip', 'parts', 'inspect', 'stand-out', 'fit'] as const)
      story.act('card.left-out', { card, words: 'done' });
    for (const [bore, mm] of [0.06, 0.08, 0.1, 0.11].entries())
      story.liner(String(bore + 1), mm, mm);
    story.act('liners.accepted', {});
    const reason = cardIn(story, tolvane44, 'tighten').reason;
    expect(reason).toMatchObject({ code: 'card-first', card: 'head-build' });
    story.act('card.left-out', { card: 'head-build', words: 'came built' });
    expect(cardIn(story, tolvane44, 'tighten').reason.code).toBe('to-cover');
  });
});
