import { DEMO_TOOL } from '@cardinex/demo/tools';
import fc from 'fast-check';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { pulledAfterHeat } from '@cardinex/demo/intakeStory';
import { gapsSet } from '@cardinex/demo/jobs';
import type { LoggedAct } from './act';
import type { CardName } from './facts/cardName';
import { evolve, fold } from './evolve';
import { EMPTY_JOB } from './emptyJob';
import { replacementOf } from './subject';
import { trayOf, currentCard, isFinished } from './tray';
import { headDown, jobOf, linersIn, logOf, opened, stateOf, lastAt } from './tests/story';

describe('folding a log', () => {
  const whole = logOf(
    headDown()
      .strikeLast()
      .pull('s3', 1)
      .act('caution.acknowledged', { caution: 'barring' })
      .act('crank.stood', { atDeg: 0, seen: 'cylinder 4 rocking' })
      .valve('E1', 0.36, 0.42, 0.43)
      .strikeLast(),
  );

  it('gives the same state act by act as all at once, wherever it is cut', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: whole.length }), (cut) => {
        const stepwise = whole.slice(cut).reduce(evolve, fold(whole.slice(0, cut)));
        expect(stepwise.state).toEqual(fold(whole).state);
        expect(stepwise.log.acts).toEqual(whole);
      }),
    );
    expect(whole.reduce(evolve, EMPTY_JOB).state).toEqual(fold(whole).state);
  });

  it('keeps a struck act in the log and out of the state', () => {
    const { state, log } = jobOf(opened().liner('1', 0.06, 0.07, 0.09).strikeLast());
    expect(state.liners.readings['1']).toMatchObject({ 0: { mm: 0.06 } });
    expect(state.liners.readings['1']?.[2]).toBeUndefined();
    expect(log).toHaveLength(opened().end().acts.length + 4);
  });

  it('brings back the reading that a struck one had replaced', () => {
    const state = stateOf(opened().liner('1', 0.06).liner('1', 0.5).strikeLast());
    expect(state.liners.readings['1']?.[0]?.mm).toBe(0.06);
  });

  it('finds what stands in place of a struck act', () => {
    const job = jobOf(opened().liner('1', 0.6).strikeLast().liner('1', 0.06));
    const struck = job.log.acts.find(({ type }) => type === 'liner.read') as LoggedAct;
    expect(replacementOf(job, struck)).toMatchObject({ data: { mm: 0.06 } });
    expect(replacementOf(job, job.log.acts[0] as LoggedAct)).toBeUndefined();
  });

  it('counts the first of two strikes of one act', () => {
    const log = logOf(opened().liner('1', 0.06).strikeLast('first').strikeLast());
    const target = log.find(({ type }) => type === 'liner.read')?.id ?? '';
    const twice = log.map((act) =>
      act.type === 'struck' ? ({ ...act, data: { ...act.data, target } } as LoggedAct) : act,
    );
    expect(fold(twice).state.struck[target]?.words).toBe('first');
  });
});

describe('the tray', () => {
  const whole = (story: ReturnType<typeof opened>) => {
    const state = stateOf(story);
    return trayOf(tolvane44, state, lastAt(story));
  };
  const WORK: readonly CardName[] = ['liners', 'tighten', 'valves', 'recheck'];
  const at = (story: ReturnType<typeof opened>) =>
    whole(story).filter(({ card }) => WORK.includes(card));
  const standing = (story: ReturnType<typeof opened>) => at(story).map((c) => c.status);

  it('opens its cards in the order of work and says what each waits for', () => {
    expect(standing(opened())).toEqual(['open', 'barred', 'barred', 'barred']);
    expect(at(opened())[1]?.reason).toEqual({ code: 'card-first', card: 'liners' });
    expect(standing(linersIn())).toEqual(['done', 'open', 'barred', 'barred']);
    expect(standing(headDown())).toEqual(['done', 'done', 'open', 'barred']);
    expect(currentCard(whole(headDown()))?.card).toBe('valves');
    // With every card barred, the one that bars the rest; never "nothing left to do".
    const { liners: _liners, ...thin } = tolvane44;
    const barred = trayOf(thin, stateOf(opened()), '2026-03-02T08:01:00Z');
    expect(barred.some((card) => card.status === 'open')).toBe(false);
    expect(currentCard(barred)).toMatchObject({ card: 'liners', reason: { code: 'sheet-lacks' } });
    expect(isFinished(barred)).toBe(false);
  });

  it('says how far a card is', () => {
    expect(at(opened().liner('1', 0.06, 0.06))[0]?.reason).toEqual({
      code: 'liners-to-read',
      read: 1,
      total: 4,
    });
    const tilted = at(opened().liner('1', 0.05, 0.11))[0];
    expect(tilted).toMatchObject({ needsAttention: true, reason: { code: 'liners-out' } });
    const half = at(linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 4))[1];
    expect(half?.reason).toEqual({ code: 'bolt-next', bolt: '5', stage: 1 });
  });

  it('reopens what a struck act had closed', () => {
    expect(standing(headDown().strikeLast())).toEqual(['done', 'open', 'barred', 'barred']);
  });

  it('keeps a recheck waiting until the engine has run hot, then done', () => {
    const cold = headDown()
      .act('caution.acknowledged', { caution: 'barring' })
      .act('crank.stood', { atDeg: 0, seen: 'cylinder 4 rocking' })
      .valve('E1', 0.42, 0.42, 0.42)
      .valve('I1', 0.32, 0.32, 0.32)
      .valve('I2', 0.32, 0.32, 0.32)
      .valve('E3', 0.42, 0.42, 0.42)
      .act('crank.stood', { atDeg: 360, seen: 'cylinder 1 rocking' })
      .valve('E2', 0.42, 0.42, 0.42)
      .valve('I3', 0.32, 0.32, 0.32)
      .valve('I4', 0.32, 0.32, 0.32)
      .valve('E4', 0.42, 0.42, 0.42);
    expect(at(cold)[2]?.reason).toEqual({ code: 'gaps-again' });
    cold.act('gaps.turned', { leftOut: 'felt hot' });
    expect(at(cold)[2]?.reason).toEqual({ code: 'all-done', provisional: true });
    expect(at(cold)[3]).toMatchObject({ status: 'waiting', reason: { code: 'run-hot-first' } });
    const hot = cold
      .act('recheck.begun', { words: '40 minutes under load' })
      .act('crank.stood', { atDeg: 0, seen: 'cylinder 4 rocking' })
      .hot('E1', 0.4)
      .hot('I1', 0.3)
      .hot('I2', 0.3)
      .hot('E3', 0.4)
      .act('crank.stood', { atDeg: 360, seen: 'cylinder 1 rocking' })
      .hot('E2', 0.4)
      .hot('I3', 0.3)
      .hot('I4', 0.3);
    expect(at(hot)[3]).toMatchObject({ status: 'open', reason: { done: 7, total: 8 } });
    expect(at(hot.hot('E4', 0.4))[3]?.status).toBe('done');
  });

  it('is finished once it has been pulled after heat, and somebody has said why it failed', () => {
    const story = gapsSet(headDown()).act('recheck.begun', { words: 'under load' });
    for (const atDeg of [0, 360]) {
      story.act('crank.stood', { atDeg, seen: 'as it should be' });
      const fitted = atDeg === 0 ? ['E1', 'I1', 'I2', 'E3'] : ['E2', 'I3', 'I4', 'E4'];
      for (const valve of fitted) story.hot(valve, valve.startsWith('E') ? 0.4 : 0.3);
    }
    expect(isFinished(whole(pulledAfterHeat(story, tolvane44)))).toBe(false);
    expect(isFinished(whole(story.act('cause.answered', { cause: 'worn-out' })))).toBe(true);
  });

  it('holds what comes after a card left out to what that card waited for', () => {
    const dead = at(
      opened().act('check.seen', { check: 'dead', item: 'fuel-shut', found: 'not-good' }),
    );
    expect(dead[0]?.reason).toEqual({ code: 'card-first', card: 'dead' });
    expect(at(opened())[1]?.reason).toEqual({ code: 'card-first', card: 'liners' });
  });
});
