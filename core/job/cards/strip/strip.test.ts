import { strippedStep } from '@cardinex/demo/intakeStory';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { planOf } from '../../../sheet/programmeOf';
import type { EngineSheet } from '../../../sheet/engineSheet';
import type { ActData } from '../../act';
import { holdsOnTurning } from '../../mayTurn';
import type { Scope } from '../../facts/scope';
import { scopeChoices, scopesFor } from '../../plan/scopeChoices';
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
import { capsOneByOne } from '../bearings/caps';
import { looseningRun, looseningsOf, onBeforeLoosening } from './loosening';
import { marksBefore, mayBeUsedAgain, oldBoltsOf, stripNext, stripRuns } from './view';

const GASKET = { kind: 'gasket' } as const;

const next = (story: Storyteller, sheet: EngineSheet) =>
  stripNext(sheetIn(story, sheet), stateOf(story), '');

/** Everything of a kind, and what stands over it, taken off. */
const offDownTo = (story: Storyteller, sheet: EngineSheet, kind: string): Storyteller => {
  for (let at = next(story, sheet); at && at.group.piece.kind !== kind; at = next(story, sheet))
    strippedStep(story, at.group, at.step);
  return story;
};
const off = (pieces: readonly string[], more: object = {}) =>
  ({ pieces, found: 'sound', ...more }) as ActData['piece.off'];

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
      // A round of letting a part up on its springs is one act for all of them.
      expect([...bolts].sort()).toEqual(
        stage.startsWith('draw-') ? ['all'] : set.fasteners.map(({ id }) => id).sort(),
      );
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
    const story = offDownTo(
      madeDead(openedFor(hesperM6Right, { kind: 'one-head', only: '3' }), hesperM6Right),
      hesperM6Right,
      'head',
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
    offDownTo(madeDead(story, tolvane44), tolvane44, 'head');
    expect(refusalIn(story, tolvane44, 'bolt.eased', { key, pass: 1 })).toBeNull();
  });

  it('takes cam caps up before the head, evenly on their springs', () => {
    const story = madeDead(openedFor(quillon5c, GASKET), quillon5c);
    const runs = stripRuns(sheetIn(story, quillon5c), stateOf(story), '');
    expect(runs.map(({ name }) => name.set)).toEqual(['cam-sprocket', 'cam-caps', 'head']);
    expect(runs.map(({ stages }) => stages.length)).toEqual([2, 7, 2]);
  });
});

/** A piston that could lift the liner it is in. */
const PISTON_IN = { check: 'in-bore', item: '1', step: 'in', found: 'good' } as const;

describe('a piece', () => {
  const scopes = (sheet: EngineSheet): readonly Scope[] =>
    scopesFor(sheet).flatMap((kind): readonly Scope[] => {
      const choices = scopeChoices(sheet, kind);
      return choices.length > 0 ? choices.map((only) => ({ kind, only })) : [{ kind }];
    });

  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    'on %s comes off for every scope in its turn, no step refused, none left',
    (_, sheet) => {
      for (const scope of scopes(sheet)) {
        const story = madeDead(openedFor(sheet, scope), sheet);
        const { order } = sheetIn(story, sheet).comesOff;
        for (let at = next(story, sheet); at; at = next(story, sheet)) {
          expect([at.group.piece.id, at.step.kind]).not.toContain('wait');
          if (at.step.kind === 'off')
            expect(refusalIn(story, sheet, 'piece.off', off(at.step.instances))).toBeNull();
          if (at.step.kind === 'slacken') {
            const { act } = at.step.run.next ?? {};
            const data = { key: act?.key ?? '', pass: 1 };
            const type = act?.kind === 'hydraulic' ? 'stud.tensioned' : 'bolt.eased';
            const refusal = refusalIn(story, sheet, type, { ...data, bar: act?.bar ?? 0 });
            expect([null, 'caution-first']).toContain(refusal);
          }
          strippedStep(story, at.group, at.step);
        }
        const caps = capsOneByOne(sheetIn(story, sheet)).map(({ piece }) => piece);
        const isOff = [...Object.keys(stateOf(story).pieces.off), ...caps];
        expect(isOff.sort()).toEqual([...order].sort());
      }
    },
  );

  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    'on %s is refused while anything stands on it, and no bolt under that is let go',
    (_, sheet) => {
      const story = madeDead(openedFor(sheet, { kind: 'everything' }), sheet);
      const scoped = sheetIn(story, sheet);
      for (const id of scoped.comesOff.order) {
        const covered = (scoped.comesOff.before.get(id) ?? []).length > 0;
        const refusal = refusalIn(story, sheet, 'piece.off', off([id]));
        if (covered) expect(refusal).toBe('piece-first');
        else expect(refusal).not.toBe('piece-first');
      }
      for (const entry of looseningsOf(scoped)) {
        const run = looseningRun(scoped, stateOf(story), entry, '');
        const key = run?.next?.act.key ?? '';
        const covered = onBeforeLoosening(scoped, stateOf(story), entry).length > 0;
        story.act('caution.acknowledged', { caution: 'hydraulics' });
        if (covered && run?.next?.act.kind === 'slacken')
          expect(refusalIn(story, sheet, 'bolt.eased', { key, pass: 1 })).toBe('piece-first');
      }
    },
  );

  it('that lies deep keeps its bolts: mains and rods are not let go before the head is off', () => {
    const story = madeDead(openedFor(tolvane44, { kind: 'everything' }), tolvane44);
    const runs = stripRuns(sheetIn(story, tolvane44), stateOf(story), '');
    expect(runs.map(({ name }) => name.set)).toEqual([
      'head',
      'rod-caps',
      'rod-caps',
      'rod-caps',
      'rod-caps',
      'main-caps',
    ]);
  });

  it('is marked, what it eases is eased, and its bolts are out, before it is off', () => {
    const story = offDownTo(madeDead(openedFor(quillon5c, GASKET), quillon5c), quillon5c, 'drive');
    const wheel = off(['cam-sprocket/1']);
    const refusal = () => refusalIn(story, quillon5c, 'piece.off', wheel);
    const seen = [];
    for (let at = next(story, quillon5c); at?.step.kind !== 'off'; at = next(story, quillon5c)) {
      if (!at) throw new Error('nothing left');
      seen.push([at.step.kind, refusal()]);
      strippedStep(story, at.group, at.step);
    }
    expect(seen).toEqual([
      ['mark', 'marks-first'],
      ['ease', 'ease-first'],
      ['slacken', 'not-loose-yet'],
    ]);
    expect(refusal()).toBeNull();
  });

  it('is said to be off with how it was found, and what is wrong with it', () => {
    const story = madeDead(openedFor(tolvane44, GASKET), tolvane44);
    const hose = (more: object) =>
      refusalIn(story, tolvane44, 'piece.off', off(['breather-hose/1'], more));
    expect(hose({ found: 'damaged' })).toBe('words-needed');
    expect(hose({ found: 'damaged', words: 'split' })).toBeNull();
    expect(hose({ found: 'loose' })).toBeNull();
    expect(refusalIn(story, tolvane44, 'piece.off', off(['sump/1']))).toBe('unknown-piece');
    expect(
      refusalIn(story, tolvane44, 'piece.off', off(['breather-hose/1', 'rocker-cover/1'])),
    ).toBe('unknown-piece');
  });

  it('that was off before the job began asks for nothing', () => {
    const story = madeDead(openedFor(tolvane44, GASKET), tolvane44);
    const absent = { found: 'absent' } as const;
    expect(refusalIn(story, tolvane44, 'piece.off', off(['rocker-shaft/1'], absent))).toBeNull();
    story.act('piece.off', off(['rocker-shaft/1'], absent));
    expect(stateOf(story).pieces.off['rocker-shaft/1']).toMatchObject(absent);
  });

  it('taken off by two at once is off once, and put back by an undo', () => {
    const story = madeDead(openedFor(tolvane44, GASKET), tolvane44);
    story.act('piece.off', off(['breather-hose/1']));
    expect(refusalIn(story, tolvane44, 'piece.off', off(['breather-hose/1']))).toBeNull();
    story.act('piece.off', off(['breather-hose/1'], { found: 'loose' }));
    expect(stateOf(story).pieces.off['breather-hose/1']).toMatchObject({ found: 'loose' });
    expect(next(story, tolvane44)?.group.piece.id).toBe('rocker-cover');
  });

  it('of an engine whose sheet says nothing of its order is asked for in the usual one, and never barred', () => {
    const { assembly: _, ...bare } = tolvane44;
    const story = madeDead(openedFor(bare, GASKET), bare);
    expect(next(story, bare)?.group.piece.id).toBe('inlet-manifold');
    expect(refusalIn(story, bare, 'piece.off', off(['rocker-shaft/1']))).toBeNull();
  });
});

describe('the head', () => {
  it('comes off only once its bolts are out', () => {
    const story = offDownTo(madeDead(openedFor(tolvane44, GASKET), tolvane44), tolvane44, 'head');
    for (const { id: mark, kind, code, place } of marksBefore(
      sheetIn(story, tolvane44),
      stateOf(story),
      ['head/1'],
    ))
      story.act('mark.made', { mark, kind, code, place });
    expect(refusalIn(story, tolvane44, 'piece.off', off(['head/1']))).toBe('not-loose-yet');
    stripped(story, tolvane44);
    expect(cardIn(story, tolvane44, 'strip').status).toBe('done');
  });

  it('off, with wet liners and no clamps, holds the crank until they are in', () => {
    const story = stripped(madeDead(openedFor(tolvane44, GASKET), tolvane44), tolvane44);
    const held = () =>
      holdsOnTurning(sheetIn(story, tolvane44), stateOf(story)).map((hold) => hold.code);
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

  it('off, keeps pistons in until the liners are held, and liners until they are freed again', () => {
    const inFrame = { kind: 'in-frame' } as const;
    const story = madeDead(openedFor(tolvane44, inFrame), tolvane44);
    offDownTo(story, tolvane44, 'rod-and-piston');
    expect(next(story, tolvane44)?.step).toEqual({
      kind: 'held',
      hold: { code: 'liners-loose' },
    });
    const [rod] = stripRuns(sheetIn(story, tolvane44), stateOf(story), '').filter(
      ({ name }) => name.set === 'rod-caps',
    );
    const eased = { key: rod?.next?.act.key ?? '', pass: 1 };
    expect(refusalIn(story, tolvane44, 'bolt.eased', eased)).toBe('liners-loose');
    offDownTo(story, tolvane44, 'liner');
    expect(next(story, tolvane44)?.step.kind).toBe('unclamp');
    expect(refusalIn(story, tolvane44, 'piece.off', off(['liner/1']))).toBe('temporary-parts-in');
  });

  it('off, with its liners out, holds nothing of its own until they are back in', () => {
    const story = stripped(
      madeDead(openedFor(tolvane44, { kind: 'in-frame' }), tolvane44),
      tolvane44,
    );
    const held = () =>
      holdsOnTurning(sheetIn(story, tolvane44), stateOf(story)).map((entry) => entry.code);
    expect(held()).toEqual([]);
    story.liner('1', 0.06, 0.06).act('liners.accepted', {});
    expect(held()).toEqual([]);
    story.act('check.seen', PISTON_IN);
    expect(held()).toEqual(['liners-loose', 'rod-uncapped']);
  });

  it('off, holds also the turn by hand that a programme asks for', () => {
    const story = madeDead(openedFor(hesperM6Right, { kind: 'in-frame' }), hesperM6Right);
    stripped(story, hesperM6Right);
    for (const card of ['mark', 'inspect', 'parts', 'bores', 'shells'] as const) {
      story.act('card.left-out', { card, words: 'elsewhere' });
    }
    for (const bore of ['1', '2', '3', '4', '5', '6']) story.liner(bore, 0.45, 0.45);
    story.act('liners.accepted', {}).act('check.seen', PISTON_IN);
    story.act('check.seen', { ...PISTON_IN, step: 'cap-own' });
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
    expect(holdsOnTurning(sheetIn(story, quillon5c), stateOf(story))).toEqual([]);
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
    expect(holdsOnTurning(sheetIn(story, quillon5c), stateOf(story))).toEqual([
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
