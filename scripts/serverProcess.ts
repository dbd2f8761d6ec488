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
    let text = '';
    let listens = false;
    child.stdout?.on('data', (chunk: Buffer) => {
      if (listens) {
        process.stdout.write(chunk);
        return;
      }
      text += chunk.toString();
      const line = /^.*listening (\S+).*\n/m.exec(text);
      if (!line) return;
      listens = true;
      ready({ child, address: line[1] ?? '' });
      // Whatever else came with that line is part of the log.
      process.stdout.write(text.replace(line[0], ''));
    });
    child.once('exit', (code) =>
      failed(new Error(`The server ended at once (${code}).\n${text.slice(-4000)}`)),
    );
  });
}

/** Asks a server to stop and waits until it has. */
export async function stopServerProcess({ child }: ServerProcess): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const ended = new Promise<void>((done) => child.once('exit', () => done()));
  child.kill('SIGTERM');
  await ended;
}
