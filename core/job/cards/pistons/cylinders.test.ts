import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { caseClosed, pieceOn, pistonsOnBench, plated } from '@cardinex/demo/cylinderStory';
import { madeDead, stripped, wrenchFor } from '@cardinex/demo/intakeStory';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { setOf } from '../../../sheet/programmeOf';
import type { ActData, ActType } from '../../act';
import { checkOf, checksOn } from '../../checks/allChecks';
import { checkView } from '../../checks/view';
import type { Scope } from '../../facts/scope';
import { partsUnder, temporaryPartsIn } from '../../register';
import { runView } from '../../run/runView';
import { holdsOnTurning } from '../../mayTurn';
import { cardIn, openedFor, refusalIn, sheetIn } from '../../tests/intake';
import { jobOf, lastAt, stateOf } from '../../tests/story';
import { rowsOfPiece } from '../fit/standing';
import { fitSteps } from '../fit/steps';

const EVERYTHING: Scope = { kind: 'everything' };
const ONE: Scope = { kind: 'one-cylinder', only: '3' };
const ELSEWHERE = ['mark', 'parts', 'inspect', 'bores', 'shells', 'crank'] as const;

/** All apart, and what is before the pistons done elsewhere. */
const apart = (scope: Scope): Storyteller => {
  const story = stripped(madeDead(openedFor(averilQ4, scope), averilQ4), averilQ4);
  story.act('caution.acknowledged', { caution: 'barring' });
  for (const card of ELSEWHERE) story.act('card.left-out', { card, words: 'elsewhere' });
  return story;
};
const sheetOf = (story: Storyteller) => sheetIn(story, averilQ4);
const refused = <T extends ActType>(story: Storyteller, type: T, data: ActData[T]) =>
  refusalIn(story, averilQ4, type, data);
const placesOf = (story: Storyteller, check: string) => checkOf(sheetOf(story), check)?.places;
const codes = (story: Storyteller) =>
  holdsOnTurning(sheetOf(story), stateOf(story)).map(({ code }) => code);
const seen = (item: string, step: string, check = 'on-rod'): ActData['check.seen'] => ({
  check,
  item,
  step,
  found: 'good',
});
const putOn = (story: Storyteller, instance: string, until?: string): Storyteller =>
  pieceOn(story, averilQ4, instance, until);
const hangPiston = (story: Storyteller, cylinder: string): Storyteller => {
  for (const step of placesOf(story, 'on-rod') ?? []) {
    const act = seen(cylinder, step);
    expect([act, refused(story, 'check.seen', act)]).toEqual([act, null]);
    story.act('check.seen', act);
  }
  return story;
};
/** Plates hold the case until the first cylinder goes on. */
const closed = (): Storyteller => plated(caseClosed(apart(EVERYTHING), averilQ4));
const platesOut = (story: Storyteller): Storyteller => {
  for (const { id } of temporaryPartsIn(stateOf(story).register))
    story.act('temporary-part.taken-out', { part: id });
  return story;
};
const guided = (story: Storyteller): Storyteller =>
  story.act('temporary-part.put-in', {
    part: 'guide',
    kind: 'piston-guide',
    what: 'Forks',
    where: 'cylinders 1 and 2',
    bars: 'start',
  });

describe('a piston that is put on its rod', () => {
  it('waits for the case, which waits for the rods; what is done on the bench does not', () => {
    const story = apart(EVERYTHING);
    expect(refused(story, 'check.seen', seen('1', 'piston-way'))).toBe('card-before');
    const weighed = { check: 'masses', item: '1', grams: 1208, text: '1208' };
    expect(refused(story, 'piece.weighed', weighed)).toBeNull();
    const half = rowsOfPiece(sheetOf(story), stateOf(story), 'case-half');
    const rod = { code: 'card-first', card: 'fit', set: 'Rod' };
    expect(half[0]).toMatchObject({ stands: 'waits', waits: [rod, rod, rod, rod] });
    caseClosed(story, averilQ4);
    expect(refused(story, 'check.seen', seen('1', 'piston-way'))).toBeNull();
  });

  it('holds the crank while its cylinder is off, unless something guides it, which is out before the cylinder', () => {
    const story = closed();
    expect(codes(story)).not.toContain('piston-hangs');
    hangPiston(story, '1');
    const [held] = holdsOnTurning(sheetOf(story), stateOf(story)).filter(
      ({ code }) => code === 'piston-hangs',
    );
    expect(held).toEqual({ code: 'piston-hangs', what: '1' });
    guided(story);
    expect(codes(story)).not.toContain('piston-hangs');
    putOn(story, 'cylinder/1', 'on');
    const on = seen('cylinder/1', 'on', 'fit/cylinder');
    expect(refused(story, 'check.seen', on)).toBe('temporary-parts-in');
    // Where a cover goes on it is in nobody's way.
    expect(partsUnder(stateOf(story), { kind: 'cover' })).toEqual([]);
    expect(refused(platesOut(story), 'check.seen', on)).toBeNull();
    story.act('check.seen', on);
    expect(codes(story)).not.toContain('piston-hangs');
  });
});

describe('the crank, once placed for one cylinder', () => {
  it('stands there for the one opposite too, and is not turned for it; for another it is', () => {
    const story = hangPiston(closed(), '1');
    expect(refused(story, 'check.seen', seen('2', 'crank-placed'))).toBeNull();
    expect(refused(story, 'check.seen', seen('3', 'crank-placed'))).toBe('crank-held');
    story.act('crank.doubted', { words: 'Somebody leant on the propeller.' });
    expect(refused(story, 'check.seen', seen('2', 'crank-placed'))).toBe('crank-held');
  });
});

describe('the next piston', () => {
  it('waits for the cylinder of the one that hangs, and for its nuts, before the crank comes round', () => {
    const story = closed();
    pistonsOnBench(story, averilQ4);
    const waits = () => cardIn(story, averilQ4, 'pistons').reason;
    hangPiston(hangPiston(story, '1'), '2');
    expect(waits()).toEqual({ code: 'card-first', card: 'fit', set: 'Cylinder' });
    putOn(platesOut(story), 'cylinder/1');
    putOn(story, 'cylinder/2');
    const nuts = { code: 'card-first', card: 'tighten', set: 'Cylinder base nuts' };
    expect(waits()).toEqual(nuts);
    const set = setOf(sheetOf(story), 'cylinder-base');
    if (set) story.wholeRun(set, '1-2', wrenchFor(averilQ4, set));
    expect(cardIn(story, averilQ4, 'pistons').status).toBe('open');
    // The other pair is still off: plates hold the case while the crank comes round.
    expect(refused(story, 'check.seen', seen('3', 'crank-placed'))).toBe('crank-held');
    story.act('temporary-part.put-in', {
      part: 'plates',
      kind: 'case-clamp',
      what: 'Plates',
      where: 'cylinders 3 and 4',
      bars: 'start',
    });
    expect(refused(story, 'check.seen', seen('3', 'crank-placed'))).toBeNull();
    // Its cylinder is tried by turning it, now that both are down.
    putOn(story, 'cylinder/1');
    expect(rowsOfPiece(sheetOf(story), stateOf(story), 'cylinder')[0]?.stands).toBe('done');
  });
});

describe('a separate cylinder', () => {
  it('goes on over its own piston: ring and bore first, what must be in looked for, then on and pulled', () => {
    const story = hangPiston(closed(), '1');
    const piece = sheetOf(story).whole.assembly?.pieces.find(({ id }) => id === 'cylinder');
    const [row] = rowsOfPiece(sheetOf(story), stateOf(story), 'cylinder');
    expect(row?.stands).toBe('open');
    const steps = row ? fitSteps(sheetOf(story), row.row.piece) : [];
    expect(steps.map(({ id }) => id)).toEqual([
      'faces',
      'old-joint-1',
      'joint-1',
      'slides-in-1',
      'nothing-left',
      'hides-1',
      'hides-2',
      'hides-3',
      'lift',
      'on',
      'proof-1',
    ]);
    expect(piece?.joints?.[0]).toMatchObject({ kind: 'o-ring', lies: 'not twisted' });
    // The other three wait for their pistons.
    const others = rowsOfPiece(sheetOf(story), stateOf(story), 'cylinder').slice(1);
    expect(others.map(({ stands }) => stands)).toEqual(['waits', 'waits', 'waits']);
  });

  it('is pulled with the one opposite as soon as both are on, while the other pair is still to come', () => {
    const story = closed();
    const treatment = 'oil';
    const ready = (instance: string): ActData['run.prepared'] => ({
      run: { set: 'cylinder-base', instance, programme: 'main' },
      wrench: null,
      adapter: null,
      treatment,
    });
    hangPiston(story, '1');
    hangPiston(story, '2');
    putOn(platesOut(story), 'cylinder/1');
    expect(refused(story, 'run.prepared', ready('1-2'))).not.toBeNull();
    // Order may be passed over, by whoever says why.
    const despite = [{ card: 'fit', set: 'Cylinder' }] as const;
    story.act('card.out-of-order', {
      card: 'tighten',
      set: 'cylinder-base',
      despite,
      words: 'A trial fit.',
    });
    expect(refused(story, 'run.prepared', ready('1-2'))).toBeNull();
    story.strikeLast();
    putOn(story, 'cylinder/2');
    expect(cardIn(story, averilQ4, 'tighten').status).toBe('open');
    expect(refused(story, 'run.prepared', ready('1-2'))).toBeNull();
    expect(refused(story, 'run.prepared', ready('3-4'))).toBe('card-before');
    // Turned only once they are down: the case works on its bearings before.
    expect(codes(story)).toEqual(['through-bolts-slack']);
  });

  it('whose piston stays on its rod has the crank brought to its place first', () => {
    const story = stripped(
      madeDead(openedFor(averilQ4, { kind: 'gasket' }), averilQ4),
      averilQ4,
    ).act('caution.acknowledged', { caution: 'barring' });
    for (const card of ['mark', 'parts', 'inspect'] as const)
      story.act('card.left-out', { card, words: 'elsewhere' });
    expect(placesOf(story, 'fit/cylinder')).toContain('crank-placed');
    const placed = seen('cylinder/1', 'crank-placed', 'fit/cylinder');
    expect(refused(story, 'check.seen', placed)).toBe('crank-held');
  });
});

describe('the way in', () => {
  it('may be another that the sheet allows: the piston part-way out of its cylinder until its pin is through', () => {
    const story = closed();
    expect(placesOf(story, 'on-rod')).toEqual(['crank-placed', 'piston-way', 'pin', 'retained']);
    story.act('piston-route.chosen', { route: 'part-way-out' });
    expect(placesOf(story, 'on-rod')).toEqual([
      'clamped',
      'part-way-in',
      'crank-placed',
      'piston-way',
      'pin',
      'retained',
    ]);
    // Rings are in their bore by then: nobody holds a clamp as the cylinder comes over.
    expect(placesOf(story, 'fit/cylinder')).not.toContain('slides-in-1');
    story.act('piston-route.chosen', { route: 'cylinder-over-piston' });
    expect(placesOf(story, 'fit/cylinder')).toContain('slides-in-1');
  });

  it('is one of the sheet’s, and the same for all once a piston is on its rod', () => {
    const story = closed();
    expect(refused(story, 'piston-route.chosen', { route: 'into-block' })).toBe('unknown-route');
    expect(refused(story, 'piston-route.chosen', { route: 'part-way-out' })).toBeNull();
    hangPiston(story, '1');
    expect(refused(story, 'piston-route.chosen', { route: 'part-way-out' })).toBe('route-begun');
  });

  it('can be taken back', () => {
    const story = apart(EVERYTHING).act('piston-route.chosen', { route: 'part-way-out' });
    story.strikeLast();
    expect(placesOf(story, 'on-rod')).not.toContain('part-way-in');
    expect(jobOf(story).state.pistonRoute).toBeNull();
  });
});

describe('one new piston alone', () => {
  const weigh = (
    story: Storyteller,
    item: string,
    grams: number,
    beside?: 'came-out' | 'opposite',
  ) =>
    story.act('piece.weighed', {
      check: 'masses',
      item,
      grams,
      text: String(grams),
      ...(beside && { beside }),
    });
  const viewOf = (story: Storyteller) => {
    const check = checksOn(sheetOf(story), 'pistons').find(({ id }) => id === 'masses');
    if (!check) throw new Error('nothing is weighed');
    return checkView(sheetOf(story), stateOf(story).checks, check);
  };

  it('is weighed against the one that came out, or the one opposite, within the spread of its sheet', () => {
    for (const beside of ['came-out', 'opposite'] as const) {
      const story = weigh(weigh(apart(ONE), '3', 1208), '3/beside', 1222, beside);
      expect(viewOf(story)).toMatchObject({ done: true, total: 2 });
      expect(viewOf(story).judged[0]?.finding).toMatchObject({
        kind: 'mass-beside',
        found: { beside, differenceGrams: 14, limitGrams: 14, verdict: 'within' },
      });
    }
    const out = weigh(weigh(apart(ONE), '3', 1208), '3/beside', 1223, 'came-out');
    expect(viewOf(out)).toMatchObject({ done: false, undecided: [{ verdict: 'out' }] });
  });

  it('says against which; a piston that goes in is against nothing', () => {
    const story = apart(ONE);
    const mass = { check: 'masses', grams: 1208, text: '1208' };
    expect(refused(story, 'piece.weighed', { ...mass, item: '3/beside' })).toBe(
      'compared-with-what',
    );
    expect(refused(story, 'piece.weighed', { ...mass, item: '3', beside: 'came-out' })).toBe(
      'compared-with-what',
    );
    expect(
      refused(story, 'piece.weighed', { ...mass, item: '3/beside', beside: 'opposite' }),
    ).toBeNull();
  });

  it('shares the through bolts of its cylinder with the one opposite, pulled at both ends', () => {
    const story = apart(ONE);
    const run = { set: 'cylinder-base', instance: '3', programme: 'main' };
    const view = runView(sheetOf(story), run, stateOf(story).runs, lastAt(story));
    const through = view?.stages.flatMap(({ bolts }) => bolts.filter(({ act }) => act.together));
    expect(through?.map(({ act }) => act.fastener)).toEqual(['f2', 'f6', 'f2', 'f6']);
  });
});
