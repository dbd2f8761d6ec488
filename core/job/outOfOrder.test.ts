import { wrenchFor } from '@cardinex/demo/intakeStory';
import { overheadSet } from '@cardinex/demo/overheadStory';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { heated, setsAfterHeat } from './cards/after-heat/programme';
import { cardDueAgain } from './cards/fit/actDone';
import { fitPieces } from './cards/fit/rows';
import { wayOpening } from './cards/fit/way';
import { kindOfWait, passable } from './outOfOrder';
import { sheetOfJob } from './sheetOfJob';
import { passableAt } from './standings';
import { openedFor } from './tests/intake';
import type { ActData, LoggedAct } from './act';
import { evolve } from './evolve';
import { after, jobOf, lastAt, logOf, wren } from './tests/story';
import { apart, Walk } from './tests/walk';
import type { Wait } from './trayReason';
import type { CardName } from './facts/cardName';

const SHUT_IN = { code: 'card-first', card: 'valves', shuts: 'set-valves' } as const;

/** A head on, its rockers over it, and nothing set. */
const rockersOn = (): Walk => {
  const walk = new Walk(apart(tolvane44, { kind: 'gasket' }), tolvane44).pull('head');
  return walk.putOn('push-rod').putOn('rocker-shaft');
};
const waitsAt = (walk: Walk, card: CardName, set?: string): readonly Wait[] =>
  passableAt(tolvane44, walk.state, lastAt(walk.story), { card, ...(set && { set }) });
/** What shuts the way to a card comes off again. */
const open = (walk: Walk, card: CardName, set?: string): Walk => {
  const reason = walk.entry(card, set)?.reason;
  if (reason?.code !== 'way-shut') throw new Error(`nothing shuts ${card}`);
  const { act, rows } = reason;
  return walk.act('way.opened', wayOpening(sheetOfJob(tolvane44, walk.state), act, rows));
};

describe('a card out of its order', () => {
  it('is gone on with by whoever says why, and what that shuts in is opened for it', () => {
    const walk = rockersOn();
    const cover = () => walk.entry('fit', 'rocker-cover');
    expect(cover()?.reason).toEqual(SHUT_IN);
    const despite = waitsAt(walk, 'fit', 'rocker-cover').flatMap(passable);
    expect(despite).toContainEqual({ card: 'valves', shuts: 'set-valves' });
    const words = 'towed to the other yard first';
    walk.act('card.out-of-order', { card: 'fit', set: 'rocker-cover', despite, words });
    expect(cover()?.status).toBe('open');
    walk.putOn('rocker-cover');
    expect(cover()?.status).toBe('done');

    expect(walk.entry('valves')?.reason).toMatchObject({
      code: 'way-shut',
      act: 'set-valves',
      rows: ['rocker-cover/1'],
    });
    open(walk, 'valves');
    expect(walk.entry('valves')?.status).toBe('open');
    // It goes on in its order now, with its joint anew.
    expect(cover()?.reason).toEqual(SHUT_IN);
  });

  it('passes over what it names and nothing else', () => {
    const walk = rockersOn();
    const other = [{ card: 'timing', shuts: 'see-timing' }] as const;
    walk.act('card.out-of-order', {
      card: 'fit',
      set: 'rocker-cover',
      despite: other,
      words: 'so',
    });
    expect(walk.entry('fit', 'rocker-cover')?.reason).toEqual(SHUT_IN);
  });

  it('is nobody’s to decide where somebody may be hurt', () => {
    const live = new Walk(openedFor(tolvane44, { kind: 'gasket' }), tolvane44);
    expect(live.entry('strip')?.reason).toEqual({ code: 'card-first', card: 'dead' });
    expect(waitsAt(live, 'strip')).toEqual([]);
    const pin: Wait = { code: 'temporary-parts-in', parts: ['pin'] };
    expect([kindOfWait(pin), passable(pin)]).toEqual(['danger', []]);
    // Hands in hold the overhead besides what comes before it: not to be passed over with it.
    const walk = rockersOn().act('hands.in', { where: 'under the head' });
    expect(waitsAt(walk, 'valves')).toEqual([]);
  });
});

describe('a way opened', () => {
  const housing = (): Walk => {
    const walk = new Walk(apart(orrin6t, { kind: 'gasket' }), orrin6t);
    for (const { id } of fitPieces(sheetOfJob(orrin6t, walk.state))) walk.putOn(id);
    walk.story.act('check.seen', {
      check: 'fit/brake-housing',
      item: 'brake-housing/fan',
      step: 'on',
      found: 'good',
    });
    return walk.caughtUp();
  };
  const opening = (walk: Walk) =>
    wayOpening(sheetOfJob(orrin6t, walk.state), 'set-valves', ['brake-housing/fan']);

  it('has a housing between two settings off for both', () => {
    const walk = housing();
    expect(walk.state.valves.covers['brake-housing']).toBeDefined();
    walk.act('way.opened', opening(walk));
    expect(walk.state.valves.covers['brake-housing']).toBeUndefined();
    expect(walk.state.checks['fit/brake-housing']?.seen['brake-housing/fan']).toBeUndefined();
  });

  it('leaves alone what others have put on since, that its sender had not heard of', () => {
    const walk = housing();
    const late = {
      ...after(walk.story, 'way.opened', opening(walk), { by: wren.id, seenSeq: 1 }),
      seq: logOf(walk.story).length + 1,
      receivedAt: lastAt(walk.story),
    } as LoggedAct;
    const { state } = evolve(jobOf(walk.story), late);
    expect(state.checks['fit/brake-housing']?.seen['brake-housing/fan']?.['on']).toBeDefined();
  });

  it('names rows of the engine, and all the pulls that are undone with them', () => {
    const walk = housing();
    const refused = (data: ActData['way.opened']) => walk.refusal('way.opened', data);
    expect(refused({ ...opening(walk), pieces: ['head/1'] })).toBe('unknown-piece');
    const run = { set: 'head', instance: '1', programme: 'main' };
    expect(refused({ ...opening(walk), runs: [run] })).toBe('unknown-run');
  });
});

describe('the second pull', () => {
  const done = (): Walk => {
    const walk = rockersOn().act('caution.acknowledged', { caution: 'barring' });
    overheadSet(walk.story, tolvane44);
    return walk.caughtUp();
  };

  it('waits for everything to be on before the engine is run', () => {
    const walk = done();
    expect(walk.entry('after-heat')?.reason).toMatchObject({ code: 'card-first', card: 'fit' });
    expect(walk.refusal('heat.reached', { words: 'an hour under load' })).toBe('card-barred');
    walk.together(1);
    expect(walk.entry('after-heat')?.reason).toEqual({ code: 'heat-first' });
  });

  it('has what is over its bolts off again, and that on once it is done', () => {
    const walk = done().together(1);
    walk.act('heat.reached', { words: 'an hour under load' });
    expect(walk.entry('after-heat')?.status).toBe('waiting');
    walk.story.wait(5 * 60);
    walk.act('temporary-part.put-in', {
      part: 'rag',
      kind: 'rag',
      what: 'Rag',
      where: 'inlet',
      bars: null,
    });
    const pull = () => walk.entry('after-heat');
    expect(pull()?.reason).toMatchObject({
      code: 'way-shut',
      rows: ['breather-hose/1', 'rocker-cover/1'],
    });
    open(walk, 'after-heat');
    expect(pull()?.status).toBe('open');
    const cover = () => walk.entry('fit', 'rocker-cover');
    expect(cover()?.reason).toEqual({
      code: 'card-first',
      card: 'after-heat',
      shuts: 'pull-again',
    });
    const sheet = sheetOfJob(tolvane44, walk.state);
    expect(cardDueAgain(sheet, walk.state, 'pull-again')).toBe('after-heat');
    const [set] = setsAfterHeat(sheet);
    if (!set) throw new Error('nothing is pulled again');
    walk.story.wholeRun(heated(set), '1', wrenchFor(tolvane44, set));
    walk.caughtUp();
    expect(pull()?.status).toBe('done');
    expect(cover()?.status).toBe('open');
    walk.putOn('rocker-cover');
    expect([cover()?.status, pull()?.status]).toEqual(['done', 'done']);
  });
});

describe('a card put off', () => {
  it('stands aside with why and until when, refuses nothing, and is taken up again', () => {
    const walk = rockersOn();
    const words = 'gauge is at the other bench';
    walk.act('card.put-off', { card: 'valves', words, until: '2026-03-05' });
    expect(walk.entry('valves')).toMatchObject({
      status: 'waiting',
      reason: { code: 'put-off', words, until: '2026-03-05' },
    });
    walk.act('caution.acknowledged', { caution: 'barring' });
    expect(walk.refusal('crank.stood', { atDeg: 0, seen: 'both rock' })).toBeNull();
    walk.act('card.taken-up', { card: 'valves' });
    expect(walk.entry('valves')?.status).toBe('open');
  });
});
