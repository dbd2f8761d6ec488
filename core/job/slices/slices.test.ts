import { demoJobs } from '@cardinex/demo/jobs';
import type { ActType, LoggedAct } from '../act';
import { fold } from '../evolve';
import { evolveSlice, type Moving } from '../kit/evolveSlice';
import { RULES } from '../rules';
import type { JobSlices } from '../state';
import { SLICES } from './index';

const jobs = demoJobs(new Date('2026-03-02T12:00:00Z'));
const logs = jobs.map(({ acts }) =>
  acts.map((act, place): LoggedAct => ({ ...act, seq: place + 1, receivedAt: act.at })),
);

describe('the slices of a job', () => {
  it('are called as the field of the state that each is', () => {
    expect(Object.entries(SLICES).filter(([field, { name }]) => name !== field)).toEqual([]);
  });

  it('own every act between them, and none owns another’s', () => {
    const owned = Object.values(SLICES).flatMap(({ acts }) => Object.keys(acts));
    expect(new Set(owned).size).toBe(owned.length);
    const actsOnActs = ['struck', 'pending.decided'];
    expect([...owned, ...actsOnActs].sort()).toEqual(Object.keys(RULES).sort());
  });

  it('stay the same object under an act that does not move them', () => {
    for (const log of logs) {
      const { state } = fold(log);
      for (const act of log) {
        for (const slice of Object.values(SLICES)) {
          if (act.type in slice.evolve) continue;
          const before = state[slice.name] as JobSlices[keyof JobSlices];
          expect(evolveSlice(slice as unknown as Moving<keyof JobSlices>, before, act)).toBe(
            before,
          );
        }
      }
    }
  });

  it('are moved by their own acts: an act that changes nothing of its slice is known', () => {
    // What they do is another slice's: the fold takes them from there.
    const MOVES_NOTHING_OF_ITS_OWN: readonly string[] = [];
    const idle = Object.values(SLICES).flatMap(({ acts, evolve }) =>
      Object.keys(acts).filter((type) => !(type in evolve)),
    );
    expect(idle).toEqual(MOVES_NOTHING_OF_ITS_OWN);
  });
});

describe('the rule of an act', () => {
  it('lets somebody do it, but what is the server’s own', () => {
    const nobody = (Object.keys(RULES) as ActType[]).filter(
      (type) => RULES[type].roles.length === 0,
    );
    expect(nobody).toEqual(['crib.judged']);
  });

  it('never lets a viewer do anything', () => {
    for (const { roles } of Object.values(RULES)) expect(roles).not.toContain('viewer');
  });
});
