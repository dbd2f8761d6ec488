import { BenchDevice } from './benchDevice';
import { postsOf, type Posts } from './demoPosts';

/** What came of posting whole jobs. */
export interface Posted {
  readonly jobs: readonly string[];
  readonly acts: number;
  readonly seconds: number;
  /** How long each post took, in the order they were answered. */
  readonly postMs: readonly number[];
}

/**
 * Whole demo jobs, each at a device of its own, all at once, each post as soon as the one before is
 * answered.
 * @param addresses of the servers
 */
export async function postWholeJobs(
  devices: readonly BenchDevice[],
  addresses: readonly string[],
  batch: number,
  turns: Turns = 'each at one',
): Promise<Posted> {
  const all = devices.map((device, place) => postsOf(place, device.id, batch));
  return sendAll(devices, addresses, all, turns);
}

/** Each device stays with one server, as behind a balancer that knows it again, or turns to each in turn. */
export type Turns = 'each at one' | 'in turn';

export async function sendAll(
  devices: readonly BenchDevice[],
  addresses: readonly string[],
  all: readonly Posts[],
  turns: Turns = 'each at one',
): Promise<Posted> {
  const postMs: number[] = [];
  const begun = performance.now();
  await Promise.all(
    all.map(async ({ jobId, bodies }, place) => {
      for (const [post, body] of bodies.entries()) {
        const turn = turns === 'in turn' ? place + post : place;
        const address = addresses[turn % addresses.length] ?? '';
        const sent = performance.now();
        const answer = await devices[place]?.post(address, `/api/jobs/${jobId}/acts`, body);
        postMs.push(performance.now() - sent);
        if (!answer || answer.includes('"status":"refused"')) throw new Error(answer);
      }
    }),
  );
  return {
    jobs: all.map(({ jobId }) => jobId),
    acts: all.reduce((sum, { acts }) => sum + acts, 0),
    seconds: (performance.now() - begun) / 1000,
    postMs,
  };
}
