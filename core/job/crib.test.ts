import { DEMO_TOOL } from '@cardinex/demo/tools';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { LoggedAct } from './act';
import { cribDoubts } from './crib';
import { causeStanding } from './cards/cause/card';
import { fold } from './evolve';
import { decide } from './decide';
import { after, linersIn, logOf, refusalOf, wren } from './tests/story';

const DISAGREES = { seq: 0, agrees: false };

/** Three bolts of the head pulled with a wrench that the crib does not have as it was shown. */
const story = linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 3);
const doubted: readonly LoggedAct[] = logOf(story).map((act) =>
  act.type === 'run.prepared' ? { ...act, crib: DISAGREES } : act,
);
const prepared = doubted.find(({ type }) => type === 'run.prepared');
const next = (act: object): LoggedAct =>
  ({ seq: doubted.length + 1, receivedAt: '2026-03-02T12:00:00Z', ...act }) as LoggedAct;

describe('a wrench that is not in the crib as was said', () => {
  const job = fold(doubted);
  const { state } = job;

  it('is named, and does not hold up the next pull', () => {
    expect(cribDoubts(state)).toEqual(['Wrench 5']);
    const [pull] = linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 4).end().acts.slice(-1);
    const act = after(story, 'bolt.pulled', pull?.data as never);
    const member = { id: act.by, role: 'mechanic' as const, fresh: false };
    expect(decide(job, act, { now: act.at, sheet: tolvane44, member }).ok).toBe(true);
  });

  it('holds up closing, also once the cause was answered', () => {
    const card = {
      reason: { code: 'crib-disagrees', wrenches: ['Wrench 5'] },
      needsAttention: true,
    };
    expect(causeStanding(true, state)).toMatchObject(card);
    const answered = { ...state, cause: { at: '', by: '' } as never };
    expect(causeStanding(true, answered)).toMatchObject(card);
    expect(causeStanding(true, { ...answered, crib: {} }).status).toBe('done');
  });

  it('holds up what is decided of its run, and of no other', () => {
    const contest = (key: string) => {
      const act = after(story, 'contest.decided', { key, words: 'x' }, { by: wren.id });
      const member = { id: wren.id, role: 'inspector' as const, fresh: true };
      return refusalOf(decide(job, act, { now: act.at, sheet: tolvane44, member }));
    };
    const pulled = doubted.find((act) => act.type === 'bolt.pulled');
    const key = pulled?.type === 'bolt.pulled' ? pulled.data.key : '';
    expect(contest(key)).toBe('crib-disagrees');
    expect(contest(key.replace('head', 'main-caps'))).toBe('not-contested');
  });

  it('is forgotten once what it pulled is struck', () => {
    const strike = next({ id: 's', type: 'struck', data: { target: prepared?.id, words: 'x' } });
    expect(cribDoubts(fold([...doubted, strike]).state)).toEqual([]);
  });

  it('is as it was said once the crib has spoken again, of those acts only', () => {
    const judged = (agree: string[]) =>
      next({ id: 'j', type: 'crib.judged', data: { tool: DEMO_TOOL.wrench5, seq: 2, agree } });
    expect(cribDoubts(fold([...doubted, judged([prepared?.id ?? ''])]).state)).toEqual([]);
    expect(cribDoubts(fold([...doubted, judged(['another'])]).state)).toEqual(['Wrench 5']);
  });

  it('is not for a device to call good', () => {
    const act = after(story, 'crib.judged', { tool: 'x', seq: 1, agree: [prepared?.id ?? ''] });
    const member = { id: act.by, role: 'lead' as const, fresh: true };
    expect(refusalOf(decide(job, act, { now: act.at, sheet: tolvane44, member }))).toBe(
      'role-may-not',
    );
  });
});
