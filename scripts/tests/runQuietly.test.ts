import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { runQuietly } from '../runQuietly';

const cwd = path.resolve(__dirname, '..');

describe('a command run quietly', () => {
  it('that does not end well is told with all it printed', async () => {
    const script = "console.log('begun'); console.error('gone wrong'); process.exit(3)";
    await expect(runQuietly([process.execPath, '-e', script], { cwd })).rejects.toThrow(
      /begun\n\ngone wrong/,
    );
    await expect(runQuietly(['/no/such/program'], { cwd })).rejects.toThrow(/ENOENT/);
  });

  it('ends with whoever asked for it', async () => {
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'quietly-')), 'pid');
    const lasting = `require('node:fs').writeFileSync(${JSON.stringify(file)}, String(process.pid)); setInterval(() => {}, 1000)`;
    const asking = `
      import { existsSync } from 'node:fs';
      import { runQuietly } from './runQuietly.ts';
      void runQuietly([process.execPath, '-e', ${JSON.stringify(lasting)}], { cwd: '.' });
      setInterval(() => existsSync(${JSON.stringify(file)}) && process.exit(0), 20);
    `;
    const { status, stderr } = spawnSync(
      process.execPath,
      ['--import', 'tsx', '--input-type=module', '-e', asking],
      { cwd, encoding: 'utf8' },
    );
    expect([status, stderr]).toEqual([0, '']);
    const pid = Number(readFileSync(file, 'utf8'));
    const isThere = (): boolean => {
      try {
        return process.kill(pid, 0);
      } catch {
        return false;
      }
    };
    for (let waits = 0; isThere() && waits < 100; waits += 1)
      await new Promise((done) => setTimeout(done, 20));
    expect(isThere()).toBe(false);
  });
});
