import { stripped, madeDead, wrenchFor } from '@cardinex/demo/intakeStory';
import { overheadSet } from '@cardinex/demo/overheadStory';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { seeded } from '../../../quantity/seeded';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { cylindersOf } from '../../../sheet/engineSheet';
import { planOf } from '../../../sheet/programmeOf';
import type { FastenedSet } from '../../../sheet/spec/fastening';
import { heightsOf } from '../../../sheet/spec/block';
import type { LeaveOut } from '../../facts/leftOut';
import type { Scope } from '../../facts/scope';
import { scopeChoices, scopesFor } from '../../plan/scopeChoices';
import type { RunName } from '../../facts/run';
import { runDone } from '../../run/runView';
import type { RunView } from '../../run/views';
import { runsOf } from '../../run/runsOf';
import type { Act, ActData, ActType } from '../../act';
import { decide } from '../../decide';
import { evolve } from '../../evolve';
import type { Job } from '../../job';
import { sheetOfJob } from '../../sheetOfJob';
import type { JobState } from '../../state';
import { openedFor, sheetIn } from '../../tests/intake';
import { after, jobOf, refusalOf } from '../../tests/story';
import { entryOf, trayOf } from '../../tray';
import type { CardName } from '../../trayReason';
import { checkOf } from '../../checks/allChecks';
import { isTaken } from '../../checks/view';
import { fitCheckId } from './checks';
import { fitPieces, fitRows, rowItem } from './rows';
import { rowsOfPiece } from './standing';
import { fitSteps } from './steps';

const ELSEWHERE: readonly LeaveOut[] = [
  'parts',
  'inspect',
  'bores',
  'shells',
  'crank',
  'pistons',
  'stand-out',
  'head-build',
  'covering',
  'timing',
  'pump',
];

/** At which every liner stands, within what each book prints. */
const STANDS: Readonly<Record<string, number>> = {
  'tolvane-44': 0.07,
  'orrin-6t': -0.09,
  'hesper-m6-r': 0.45,
  'hesper-m6-l': 0.45,
  'dunmere-2s5': -0.02,
};

/** All apart, and whatever is not putting pieces on done elsewhere. */
const apart = (sheet: EngineSheet, scope: Scope): Storyteller => {
  const story = stripped(madeDead(openedFor(sheet, scope), sheet), sheet);
  for (const card of ELSEWHERE) story.act('card.left-out', { card, words: 'elsewhere' });
  const places = heightsOf(sheet.liners)?.places ?? [];
  if (places.length === 0) return story;
  for (const bore of cylindersOf(sheet))
    story.liner(String(bore), ...places.map(() => STANDS[sheet.id] ?? 0));
  return story.act('liners.accepted', {});
};

const scopesOf = (sheet: EngineSheet): readonly Scope[] =>
  scopesFor(sheet).map((kind) => {
    const only = scopeChoices(sheet, kind).at(-1);
    return only === undefined ? { kind } : { kind, only };
  });

/** A job as it goes on, act by act, each decided as the log stands. */
class Walk {
  private job: Job;

  constructor(
    readonly story: Storyteller,
    private readonly sheet: EngineSheet,
  ) {
    this.job = jobOf(story);
  }

  get state(): JobState {
    return this.job.state;
  }

  get tray() {
    return trayOf(this.sheet, this.state, this.job.log.last?.at ?? '');
  }

  entry(card: CardName, set?: string) {
    return entryOf(this.tray, { card, set });
  }

  get fits() {
    return this.tray.filter(({ card }) => card === 'fit');
  }

  /** Why an act would be refused; null when it would not. */
  refusal<T extends ActType>(type: T, data: ActData[T]): string | null {
    return refusalOf(this.decided(after(this.story, type, data)));
  }

  /** An act that is accepted. */
  act<T extends ActType>(type: T, data: ActData[T]): this {
    this.story.act(type, data);
    const act = this.story.end().acts.at(-1);
    expect([data, act && refusalOf(this.decided(act))]).toEqual([data, null]);
    return this.caughtUp();
  }

  /** What a story told meanwhile. */
  caughtUp(): this {
    const { acts } = this.story.end();
    for (const [place, act] of acts.entries())
      if (place >= this.job.log.length)
        this.job = evolve(this.job, { ...act, seq: place + 1, receivedAt: act.at });
    return this;
  }

  /** The next step of a piece that can be taken; null where none can. */
  stepOf(piece: string): ActData['check.seen'] | null {
    const scoped = sheetOfJob(this.sheet, this.state);
    const open = rowsOfPiece(scoped, this.state, piece).find(({ stands }) => stands === 'open');
    const check = checkOf(scoped, fitCheckId(piece));
    if (!open || !check) return null;
    const item = rowItem(open.row);
    const step = fitSteps(scoped, open.row.piece).find(
      ({ id }) => !isTaken(this.state.checks, check, item, id),
    );
    return step ? { check: check.id, item, step: step.id, found: 'good' } : null;
  }

  /** Puts a piece on as far as it goes. */
  putOn(piece: string): this {
    for (let seen = this.stepOf(piece); seen; seen = this.stepOf(piece))
      this.act('check.seen', seen);
    return this;
  }

  /** Pulls a set down, by jacks where it has them, the crank turned after each cap. */
  pull(id: string): this {
    const runs = () => runsOf(sheetOfJob(this.sheet, this.state), this.state, id, '');
    for (const { set, name } of runs().filter((run) => !runDone(run))) {
      this.pulled(set, name);
      for (let view = runOf(runs(), name); view?.turn; view = runOf(runs(), name)) {
        const { stage, fasteners } = view.turn;
        this.story.act('cap.turned', { run: name, stage, fasteners, found: 'free' });
        this.caughtUp();
      }
    }
    return this;
  }

  /** Puts on and pulls whatever is open, in an order of its own for each seed, until nothing more is. */
  together(seed: number): this {
    const { even } = seeded(seed);
    for (let n = 0; n < 400; n += 1) {
      const open = this.tray.filter(
        ({ card, set, status }) =>
          status === 'open' && set && (card === 'fit' || card === 'tighten'),
      );
      const entry = open[Math.floor(even() * open.length)];
      if (!entry?.set) break;
      if (entry.card === 'fit') this.putOn(entry.set.id);
      else this.pull(entry.set.id);
    }
    return this;
  }

  private pulled(set: FastenedSet, run: RunName): void {
    const acts = planOf(set, run.instance)?.acts ?? [];
    if (acts.some(({ kind }) => kind === 'hydraulic')) {
      const treatment = set.groups[0]?.treatment.says ?? '';
      this.story.act('run.prepared', { run, wrench: null, adapter: null, treatment });
      for (const { key, kind, bar = 0 } of acts)
        if (kind === 'turn-crank') this.story.act('step.done', { key, pass: 1 });
        else this.story.act('stud.tensioned', { key, pass: 1, bar });
    } else this.story.wholeRun(set, run.instance, wrenchFor(this.sheet, set));
    this.caughtUp();
  }

  private decided(act: Act) {
    const member = { id: act.by, role: 'mechanic' as const, fresh: false };
    return decide(this.job, act, { now: act.at, sheet: this.sheet, member });
  }
}

const runOf = (runs: readonly RunView[], { instance }: RunName): RunView | undefined =>
  runs.find(({ name }) => name.instance === instance);

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
    expect(walk.refusal('check.seen', on('inlet-manifold'))).toBeNull();
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
