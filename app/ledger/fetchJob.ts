import type { JobLog } from '@cardinex/contract/api';
import { client } from '@cardinex/contract/client';
import type { LedgerStorage } from './storage';

/** Fetches a job's whole log and its sheet, and keeps both on this device. */
export async function fetchJob(storage: LedgerStorage, jobId: string): Promise<JobLog> {
  const job = await client.job(jobId);
  await storage.putEvents(jobId, job.events, job.sheet);
  return job;
}
