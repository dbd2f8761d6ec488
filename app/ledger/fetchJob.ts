import type { JobLog } from '@cardinex/contract/jobs/job';
import { client } from '@cardinex/contract/client';
import { StorageFault } from './deviceDatabase';
import type { LedgerStorage } from './storage';

/** Fetches a job's whole log and its sheet, and keeps both on this device as far as it has room. */
export async function fetchJob(storage: LedgerStorage, jobId: string): Promise<JobLog> {
  const job = await client.job(jobId);
  await storage.putEvents(jobId, job.events, job.sheet).catch(onlyStorage);
  return job;
}

/** What could not be kept here can still be worked with while the network is there. */
export function onlyStorage(error: unknown): void {
  if (!(error instanceof StorageFault)) throw error;
}
