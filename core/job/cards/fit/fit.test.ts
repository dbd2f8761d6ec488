import { overheadSet } from '@cardinex/demo/overheadStory';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import type { EngineSheet } from '../../../sheet/engineSheet';
import type { ActData } from '../../act';
import type { Scope } from '../../facts/scope';
import { scopeChoices, scopesFor } from '../../plan/scopeChoices';
import { sheetOfJob } from '../../sheetOfJob';
import { openedFor, sheetIn } from '../../tests/intake';
import { apart, Walk } from '../../tests/walk';
import { fitPieces, fitRows } from './rows';
import { fitSteps } from './steps';

const scopesOf = (sheet: EngineSheet): readonly Scope[] =>
  scopesFor(sheet).map((kind) => {
    const only = scopeChoices(sheet, kind).at(-1);
    return only === undefined ? { kind } : { kind, only };
  });

describe.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))('%s', (_, sheet) => {
  it('puts on again all that comes off, here or on another card, each once', () => {
    for (const scope of scopesOf(sheet)) {
      const scoped = sheetIn(openedFor(sheet, scope), sheet);
      const on = fitRows(scoped).flatMap(({ instances }) => instances);
      expect(new Set(on).size).toBe(on.length);
      expect(scoped.comesOff.back).toEqual(expect.arrayContaining([...on]));
      for (const piece of fitPieces(scoped))
        expect(fitSteps(scoped, piece).map(({ id }) => id)).toContain('on');
    }
  });

  it('comes to its end by any way that is open, each act accepted', () => {
    // Without its direction nothing of the overhead is planned: what shuts it has nothing to wait for.
    const { rotation: _direction, ...still } = sheet;
    for (const [seed, scope] of scopesOf(still).entries()) {
      const walk = new Walk(apart(still, scope), still).together(seed + 1);
      const left = walk.fits.filter(({ status }) => status !== 'done');
      expect([scope, left.map(({ set, reason }) => [set?.id, reason])]).toEqual([scope, []]);
    }
  });
});

describe('picked pieces', () => {
  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    'of %s come off with what is in their way, and on again to the end',
    (_, sheet) => {
      const { rotation: _direction, ...still } = sheet;
      const { assembly } = assemblyGraph(sheet);
      const few = assembly.pieces.filter((_piece, place) => place % 4 === 0);
      for (const [seed, { id }] of few.entries()) {
        const scope = { kind: 'pieces', also: [id] } as const;
        const walk = new Walk(apart(still, scope), still).together(seed + 1);
        const left = walk.fits.filter(({ status }) => status !== 'done');
        expect([id, left.map(({ set, reason }) => [set?.id, reason])]).toEqual([id, []]);
        const pulls = walk.tray.filter(({ card }) => card === 'tighten');
        expect([id, pulls.filter(({ status }) => status !== 'done')]).toEqual([id, []]);
      }
    },
  );
});

describe('what goes on', () => {
  const GASKET = { kind: 'gasket' } as const;
  const walkOn = (sheet: EngineSheet): Walk => new Walk(apart(sheet, GASKET), sheet);
  const on = (piece: string, step = 'on', item = `${piece}/1`): ActData['check.seen'] => ({
    check: `fit/${piece}`,
    item,
    step,
    found: 'good',
  });

  it('waits for what it rests on', () => {
    const walk = walkOn(tolvane44);
    const shaft = () => walk.entry('fit', 'rocker-shaft');
    expect(shaft()?.reason).toEqual({ code: 'card-first', card: 'fit', set: 'Push rod' });
    walk.putOn('push-rod');
    expect(shaft()?.status).toBe('open');
  });

  it('waits, over the gaps, until they are set; and the gaps for what they need', () => {
    const walk = walkOn(tolvane44);
    const valves = () => walk.entry('valves');
    walk.pull('head');
    expect(valves()?.reason).toEqual({ code: 'card-first', card: 'fit', set: 'Rocker shaft' });
    for (const piece of ['push-rod', 'rocker-shaft']) walk.putOn(piece);
    expect(valves()?.reason).not.toMatchObject({ card: 'fit' });
    expect(walk.entry('fit', 'rocker-cover')?.reason).toEqual({
      code: 'card-first',
      card: 'valves',
      shuts: 'set-valves',
    });
    expect(walk.refusal('check.seen', on('rocker-cover'))).toBe('card-barred');
    walk.act('caution.acknowledged', { caution: 'barring' });
    overheadSet(walk.story, tolvane44);
    walk.caughtUp();
    expect(walk.entry('fit', 'rocker-cover')?.status).toBe('open');
  });

  it('between two settings is put on by its own card, and the settings after it go on from there', () => {
    const walk = walkOn(orrin6t);
    expect(walk.refusal('cover.on', { cover: 'brake-housing' })).toBe('card-barred');
    for (const { id } of fitPieces(sheetOfJob(orrin6t, walk.state))) walk.putOn(id);
    for (const set of ['head', 'injector-clamps', 'rockers']) walk.pull(set);
    expect(walk.refusal('cover.on', { cover: 'brake-housing' })).toBe('card-before');
    expect(walk.entry('fit', 'brake-housing')?.reason).toEqual({
      code: 'card-first',
      card: 'valves',
      shuts: 'set-valves',
    });
    // Told by another device that had not seen that it waits: a fact is kept.
    walk.story.act('check.seen', on('brake-housing', 'on', 'brake-housing/fan'));
    walk.caughtUp();
    expect(walk.state.valves.covers['brake-housing']).toBeDefined();
  });

  it('is not on before its joints are in and nothing is left inside', () => {
    const walk = walkOn(tolvane44);
    expect(walk.refusal('check.seen', on('inlet-manifold'))).toBe('step-first');
    walk.act('temporary-part.put-in', {
      part: 'rag',
      kind: 'rag',
      what: 'Rag',
      where: 'inlet port',
      bars: 'cover',
    });
    for (let seen = walk.stepOf('inlet-manifold'); seen?.step !== 'on';) {
      if (!seen) throw new Error('no step');
      walk.act('check.seen', seen);
      seen = walk.stepOf('inlet-manifold');
    }
    expect(walk.refusal('check.seen', on('inlet-manifold'))).toBe('temporary-parts-in');
    walk.act('temporary-part.taken-out', { part: 'rag' });
    // Clamps stand on the deck, where only a head lies over them.
    walk.act('temporary-part.put-in', {
      part: 'clamps',
      kind: 'liner-clamp',
      what: 'Liner clamps',
      where: 'deck',
      bars: 'cover',
    });
    expect(walk.refusal('check.seen', on('inlet-manifold'))).toBeNull();
  });

  it('has its joints counted out and in, and not only confirmed', () => {
    const walk = walkOn(castryV8);
    const gasket = (step: string, count?: number): ActData['check.seen'] => ({
      ...on('inlet-manifold', step),
      ...(count !== undefined && { count }),
    });
    expect(walk.refusal('check.seen', gasket('old-joint-1'))).toBe('joints-uncounted');
    expect(walk.refusal('check.seen', gasket('old-joint-1', 1))).toBe('joints-differ');
    expect(walk.refusal('check.seen', gasket('old-joint-1', 2))).toBeNull();
    expect(walk.refusal('check.seen', gasket('joint-1', 3))).toBe('joints-differ');
    // What is laid from a tube is not counted; nor is what is found not good.
    const sealed = sheetOfJob(castryV8, walk.state);
    const manifold = fitPieces(sealed).find(({ id }) => id === 'inlet-manifold');
    const bead = manifold?.joints?.findIndex(({ kind }) => kind === 'sealant') ?? -1;
    expect(walk.refusal('check.seen', gasket(`joint-${bead + 1}`))).toBeNull();
    const missing = { ...gasket('old-joint-1'), found: 'not-good', words: 'half of it is gone' };
    expect(walk.refusal('check.seen', missing as ActData['check.seen'])).toBeNull();
  });

  it('that was found not good is not done until someone lets it stand', () => {
    const walk = walkOn(tolvane44);
    const scoped = sheetOfJob(tolvane44, walk.state);
    const manifold = fitPieces(scoped).find(({ id }) => id === 'inlet-manifold');
    const [first] = manifold ? fitSteps(scoped, manifold) : [];
    const piece = manifold?.id ?? '';
    walk.act('check.seen', {
      ...on(piece, first?.id),
      found: 'not-good',
      words: 'face is scored',
    });
    expect(walk.entry('fit', piece)?.status).toBe('open');
    expect(walk.refusal('check.seen', on(piece))).toBe('step-first');
  });

  it('goes on over caps whose pull the sheet does not print, once they were put on here', () => {
    const { rotation: _direction, fastenedSets = [], ...still } = tolvane44;
    const unsaid: EngineSheet = {
      ...still,
      fastenedSets: fastenedSets.map(({ programme, ...set }) =>
        set.kind === 'main-caps' || !programme ? set : { ...set, programme },
      ),
    };
    const walk = new Walk(apart(unsaid, { kind: 'everything' }), unsaid);
    expect(walk.entry('tighten', 'main-caps')).toBeUndefined();
    const scoped = sheetOfJob(unsaid, walk.state);
    const caps = fitPieces(scoped).find(({ kind }) => kind === 'bearing-cap');
    expect(caps && fitSteps(scoped, caps).map(({ kind }) => kind)).toContain('by-manual');
    const left = walk.together(1).fits.filter(({ status }) => status !== 'done');
    expect(left.map(({ set, reason }) => [set?.id, reason])).toEqual([]);
  });

  it('of an engine whose sheet does not say how it goes together is asked for, and waits for nothing', () => {
    const { assembly: _, ...bare } = tolvane44;
    const walk = walkOn(bare);
    const standings = walk.fits.map(({ status }) => status);
    expect(new Set(standings)).toEqual(new Set(['open']));
  });
});
