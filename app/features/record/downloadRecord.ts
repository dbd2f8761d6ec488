import { saveFile } from '../../ui/saveFile';

/** Fetches a job's record and hands it to the browser as a file; false when the server did not answer. */
export async function downloadRecord(jobId: string): Promise<boolean> {
  const response = await fetch(`/api/jobs/${jobId}/record.json`).catch(() => null);
  if (!response?.ok) return false;
  saveFile(`cardinex-${jobId}.json`, await response.blob());
  return true;
}
