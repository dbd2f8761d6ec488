import { summaryOf, type JobSummary } from '@cardinex/core/job/summary';
import { evolve, fold } from '@cardinex/core/job/evolve';
import type { LedgerStorage } from '../../ledger/storage';
import { useKept } from '../device/useKept';

const NONE: readonly JobSummary[] = [];

/** Jobs of which this device keeps acts that have not gone out, as they stand here. */
export function useKeptJobs(): readonly JobSummary[] {
  return useKept(keptJobs) ?? NONE;
}

async function keptJobs(storage: LedgerStorage): Promise<JobSummary[]> {
  const stored = (await storage.allKept()).filter((k) => !k.problem);
  const ids = [...new Set(stored.map((k) => k.jobId))];
  const now = new Date().toISOString();
  const found = await Promise.all(
    ids.map(async (id) => {
      const sheet = await storage.sheetOf(id);
      if (!sheet) return null;
      const events = await storage.eventsOf(id);
      const job = stored
        .filter((k) => k.jobId === id)
        .reduce(
          (before, { act }) =>
            evolve(before, { ...act, seq: before.log.headSeq + 1, receivedAt: null }),
          fold(events),
        );
      return summaryOf(id, sheet.sheet, job, now);
    }),
  );
  return found.filter((job) => job !== null);
}
