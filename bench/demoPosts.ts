import { randomUUID } from 'node:crypto';
import { demoJobs } from '../demo/jobs';
import { lockside } from '../demo/shops';

/** The demo's jobs of its first shop, whole. */
export const WHOLE_JOBS = demoJobs(new Date()).filter(({ shop }) => shop === lockside);

/** A job as a device sends it. */
export interface Posts {
  readonly jobId: string;
  readonly acts: number;
  readonly bodies: readonly string[];
}

/**
 * A whole demo job as new acts on a new job, as one device would post them.
 * @param place which of the demo's jobs, counted on from the first when they run out
 * @param batch how many acts to a post
 */
export function postsOf(place: number, device: string, batch: number): Posts {
  const job = WHOLE_JOBS[place % WHOLE_JOBS.length];
  if (!job) throw new Error('the demo has no jobs');
  const ids = new Map(job.acts.map(({ id }) => [id, randomUUID()]));
  const acts = job.acts.map((act) =>
    JSON.stringify({ ...act, device }).replace(UUID, (id) => ids.get(id) ?? id),
  );
  const bodies: string[] = [];
  for (let at = 0; at < acts.length; at += batch) {
    const some = acts.slice(at, at + batch).join(',');
    bodies.push(`{"sentAt":"${new Date().toISOString()}","acts":[${some}]}`);
  }
  return { jobId: randomUUID(), acts: acts.length, bodies };
}

const UUID = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/g;
