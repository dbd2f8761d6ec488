import { lockside } from '@cardinex/demo/shops';
import { stopServerProcess } from '../../scripts/serverProcess';
import { Copy, DeviceAt } from './copy';
import { OPENED, openedJob } from './ownCluster';

let copy: Copy;

beforeAll(async () => {
  copy = await Copy.start();
}, 60_000);

afterAll(() => copy.stop());

it('a server just started answers more devices at once than it has connections', async () => {
  const phone = await copy.device('TR');
  const jobId = await openedJob(phone);
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
    expect(await device.events(jobId)).toHaveLength(OPENED + 60);
  } finally {
    await stopServerProcess(cold);
  }
}, 60_000);
