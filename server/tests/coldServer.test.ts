import { randomUUID } from 'node:crypto';
import { sheetHash } from '@cardinex/demo/jobs';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { lockside } from '@cardinex/demo/shops';
import { stopServerProcess } from '../../scripts/serverProcess';
import { Copy, DeviceAt } from './copy';

let copy: Copy;

beforeAll(async () => {
  copy = await Copy.start();
}, 60_000);

afterAll(() => copy.stop());

it('a server just started answers more devices at once than it has connections', async () => {
  const phone = await copy.device('TR');
  const jobId = randomUUID();
  await phone.send(
    jobId,
    phone.act(jobId, 'job.opened', {
      sheet: { id: tolvane44.id, revision: tolvane44.revision, hash: sheetHash(tolvane44) },
      serial: 'T44-1',
      name: 'busy engine',
      why: 'a test',
      cylinder1End: 'fan',
    }),
  );
  const cold = await copy.another();
  try {
    const device = new DeviceAt(cold.address);
    await device.signIn(lockside, 'TR');
    const sent = await Promise.all(
      Array.from({ length: 60 }, (_, n) =>
        device.send(
          jobId,
          device.act(jobId, 'liner.read', {
            bore: String((n % 4) + 1),
            place: 0,
            mm: 0.06,
            printed: { text: '0.06', unit: 'mm' },
          }),
        ),
      ),
    );
    expect(new Set(sent.map(({ outcomes }) => outcomes[0]?.status))).toEqual(new Set(['accepted']));
    expect(await device.events(jobId)).toHaveLength(61);
  } finally {
    await stopServerProcess(cold);
  }
}, 60_000);
