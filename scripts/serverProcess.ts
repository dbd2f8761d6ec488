import { spawn, type ChildProcess } from 'node:child_process';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const main = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../server/main.ts');

export interface ServerProcess {
  readonly child: ChildProcess;
  readonly address: string;
}

/** Starts the server as a process of its own; resolves once it listens. */
export function startServerProcess(
  env: Record<string, string | undefined>,
): Promise<ServerProcess> {
  const child = spawn(process.execPath, ['--import', 'tsx', main], {
    env: { ...process.env, ...env },
    // The channel carries nothing: it closes when this process dies, and the server ends with it.
    stdio: ['ignore', 'pipe', 'inherit', 'ipc'],
  });
  return new Promise((ready, failed) => {
    let said = '';
    child.stdout?.on('data', (chunk: Buffer) => {
      const before = said;
      said = (said + chunk.toString()).slice(-4000);
      const address = /listening (\S+)/.exec(said)?.[1];
      if (address) ready({ child, address });
      if (/listening /.test(before)) process.stdout.write(chunk);
    });
    child.once('exit', (code) => failed(new Error(`The server ended at once (${code}).\n${said}`)));
  });
}

/** Asks a server to stop and waits until it has. */
export async function stopServerProcess({ child }: ServerProcess): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const ended = new Promise<void>((done) => child.once('exit', () => done()));
  child.kill('SIGTERM');
  await ended;
}
