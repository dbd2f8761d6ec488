import { randomUUID } from 'node:crypto';
import { opened } from '../core/job/tests/story';
import { lockside } from '../demo/shops';
import { DeviceAt } from '../server/tests/copy';

const IN_A_POST = 200;

/** Makes a job of so many events on the server: its liners read again and again. */
export async function makeLongJob(address: string, name: string, events: number): Promise<string> {
  const device = new DeviceAt(address);
  await device.signIn(lockside, 'TR');
  const jobId = randomUUID();
  const opening = opened()
    .end()
    .acts.map(({ type, data }) =>
      device.act(jobId, type, (type === 'job.opened' ? { ...data, name } : data) as never),
    );
  await device.send(jobId, ...opening);
  for (let sent = opening.length; sent < events; sent += IN_A_POST) {
    const some = Array.from({ length: Math.min(IN_A_POST, events - sent) }, (_, n) =>
      device.act(jobId, 'liner.read', reading(sent + n), { seenSeq: sent + n }),
    );
    const { outcomes } = await device.send(jobId, ...some);
    if (outcomes.length === 0 || outcomes.some((entry) => entry.status !== 'accepted'))
      throw new Error(`not all accepted: ${JSON.stringify(outcomes).slice(0, 500)}`);
  }
  return jobId;
}

const reading = (n: number) => ({
  bore: String((n % 4) + 1),
  place: n % 2,
  mm: 0.05 + (n % 7) / 100,
  printed: { text: '0.05', unit: 'mm' as const },
});
