import { startServerProcess, stopServerProcess } from '../../scripts/serverProcess';
import { newDemoDatabase } from '../../scripts/testDatabase';
import { lockside } from '@cardinex/demo/shops';
import { DeviceAt } from './copy';

describe('the log of a server', () => {
  it('is passed on whole, names each request as its problem does, and holds no session', async () => {
    const lines: string[] = [];
    const write = jest.spyOn(process.stdout, 'write').mockImplementation((chunk) => {
      lines.push(...String(chunk).split('\n').filter(Boolean));
      return true;
    });
    const server = await startServerProcess({
      ...(await newDemoDatabase()),
      PORT: '0',
      LOG_LEVEL: 'info',
    });
    try {
      const phone = new DeviceAt(server.address);
      await phone.signIn(lockside, 'TR');
      for (let n = 0; n < 60; n += 1) await phone.get(`/api/jobs?n=${n}`);
      const nowhere = (await phone.get('/api/nowhere')).body as { requestId: string };
      await stopServerProcess(server);
      const story = lines.filter((line) => line.startsWith('{')).map((line) => JSON.parse(line));
      const asked = (url: string) => story.filter((line) => line.req?.url?.startsWith(url));
      expect(asked('/api/jobs?n=')).toHaveLength(60);
      expect(asked('/api/nowhere')).toMatchObject([
        { req: { id: nowhere.requestId, method: 'GET' }, res: { statusCode: 404 } },
      ]);
      const session = phone.cookie.split(/[=;]/)[1] ?? '';
      expect(session.length).toBeGreaterThan(20);
      expect(lines.join()).not.toContain(session.slice(0, 20));
      expect(lines.join().toLowerCase()).not.toContain('cookie');
    } finally {
      write.mockRestore();
      await stopServerProcess(server);
    }
  }, 60_000);
});
