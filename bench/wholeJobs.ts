import { randomUUID } from 'node:crypto';
import type { Act } from '../core/job/act';
import { headDown } from '../core/job/tests/told';
import { lockside } from '../demo/shops';
import { DeviceAt } from '../server/tests/copy';
import type { Result } from './result';

const DEVICES = 20;

/** A head from liners to the last pull, at twenty devices at once, each act sent as it is made. */
export async function benchWholeJobs(address: string): Promise<Result[]> {
  const told = headDown().end().acts;
  const devices: DeviceAt[] = [];
  for (let n = 0; n < DEVICES; n += 1) {
    const device = new DeviceAt(address);
    await device.signIn(lockside, 'TR');
    devices.push(device);
  }
  await Promise.all(devices.map((device) => sendWhole(device, told)));
  const begun = performance.now();
  await Promise.all(devices.map((device) => sendWhole(device, told)));
  const seconds = (performance.now() - begun) / 1000;
  return [
    {
      what: `acts of whole head jobs kept, ${DEVICES} devices, one to a post, wrenches held against the crib`,
      value: (DEVICES * told.length) / seconds,
      unit: 'acts/s',
      limit: 150,
      atLeast: true,
    },
  ];
}

async function sendWhole(device: DeviceAt, told: readonly Act[]): Promise<void> {
  const jobId = randomUUID();
  for (const [place, { type, data }] of told.entries()) {
    const act = device.act(jobId, type, data as never, { seenSeq: place });
    const { outcomes } = await device.send(jobId, act);
    if (outcomes[0]?.status !== 'accepted') throw new Error(JSON.stringify(outcomes));
  }
}
