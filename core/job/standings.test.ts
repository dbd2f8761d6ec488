import { demoJobs } from '@cardinex/demo/jobs';
import type { LoggedAct } from './act';
import { EMPTY_JOB } from './emptyJob';
import { evolve } from './evolve';
import type { JobState } from './state';
import { trayOf } from './tray';

const NOW = new Date('2026-03-20T12:00:00Z');
const MINUTE_MS = 60_000;

/** The same job as if nobody had asked anything of it yet. */
const forgotten = (state: JobState): JobState => structuredClone(state);

describe('where cards stand, after each act of every demo job', () => {
  it.each(demoJobs(NOW).map((job) => [job.id, job] as const))(
    'is found the same by what is known of the act before: %s',
    (_, { shop, acts }) => {
      let job = EMPTY_JOB;
      for (const [place, act] of acts.entries()) {
        job = evolve(job, { ...act, seq: place + 1, receivedAt: act.at } as LoggedAct);
        const { state } = job;
        const { id, revision } = state.opened?.sheet ?? {};
        const sheet = shop.sheets.find((entry) => entry.id === id && entry.revision === revision);
        if (!sheet) throw new Error('no sheet');
        // At once, and now and then after so long a pause that a run is to be swept.
        for (const minutes of place % 8 === 0 ? [0, 30] : [0]) {
          const now = new Date(Date.parse(act.at) + minutes * MINUTE_MS).toISOString();
          expect(trayOf(sheet, state, now)).toEqual(trayOf(sheet, forgotten(state), now));
        }
      }
    },
  );
});
