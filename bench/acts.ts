import { createHash, randomUUID } from 'node:crypto';
import { verifyChain } from '@cardinex/core/job/chain';
import { DeviceAt } from '../server/tests/copy';
import { lockside } from '../demo/shops';
import { opened } from '../core/job/tests/told';
import type { Result } from './result';

const CLIENTS = 20;
const ACTS_EACH = 250;
const WARM_UP = 50;
const BATCH = 5;

const reading = (n: number) => ({
  bore: String((n % 4) + 1),
  place: n % 2,
  mm: 0.05 + (n % 7) / 100,
  printed: { text: '0.05', unit: 'mm' as const },
});

/** Opens a job at a device and gives its number. */
export async function openBenchJob(device: DeviceAt, name = 'bench engine'): Promise<string> {
  const jobId = randomUUID();
  const opening = opened()
    .end()
    .acts.map(({ type, data }) =>
      device.act(jobId, type, (type === 'job.opened' ? { ...data, name } : data) as never),
    );
  await device.send(jobId, ...opening);
  return jobId;
}

/** Liner readings sent one batch after the other, as an outbox does. */
export async function sendReadings(
  device: DeviceAt,
  jobId: string,
  acts: number,
  batch: number,
): Promise<void> {
  for (let sent = 0; sent < acts; sent += batch) {
    const some = Array.from({ length: Math.min(batch, acts - sent) }, (_, n) =>
      device.act(jobId, 'liner.read', reading(sent + n)),
    );
    const { outcomes } = await device.send(jobId, ...some);
    if (outcomes.length === 0 || outcomes.some((o) => o.status !== 'accepted'))
      throw new Error(`not all accepted: ${JSON.stringify(outcomes)}`);
  }
}

/** Twenty devices, each on a job of its own, sending as fast as they are answered. */
export async function benchActs(address: string): Promise<Result[]> {
  // One after the other: tries at one member's PIN are limited, right or wrong.
  const devices: { device: DeviceAt; jobId: string }[] = [];
  for (let n = 0; n < CLIENTS; n += 1) {
    const device = new DeviceAt(address);
    await device.signIn(lockside, 'TR');
    devices.push({ device, jobId: await openBenchJob(device) });
  }
  // A server just started has yet to open its connections and compile what it runs.
  await Promise.all(
    devices.map(({ device, jobId }) => sendReadings(device, jobId, WARM_UP, BATCH)),
  );
  const begun = performance.now();
  await Promise.all(
    devices.map(({ device, jobId }) => sendReadings(device, jobId, ACTS_EACH, BATCH)),
  );
  const seconds = (performance.now() - begun) / 1000;
  const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');
  let lost = 0;
  for (const { device, jobId } of devices) {
    const events = await device.events(jobId);
    lost += WARM_UP + ACTS_EACH + 1 - events.length;
    if (verifyChain(events, sha256)) lost += 1;
  }
  const kept = (CLIENTS * ACTS_EACH) / seconds;
  return [
    {
      what: `acts kept, ${CLIENTS} devices on ${CLIENTS} jobs, ${BATCH} to a post`,
      value: kept,
      unit: 'acts/s',
      limit: 500,
      atLeast: true,
    },
    { what: 'acts lost, doubled or out of chain', value: lost, unit: '', limit: 0 },
  ];
}
