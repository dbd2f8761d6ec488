import { execFile } from 'node:child_process';

/**
 * Runs a command to its end and keeps what it prints to itself. It does not outlive whoever asked for it.
 * @throws Error with all it printed, where it does not end well
 */
export function runQuietly(
  [program = '', ...args]: readonly string[],
  options: { readonly cwd: string; readonly env?: NodeJS.ProcessEnv },
): Promise<void> {
  return new Promise((done, failed) => {
    const child = execFile(
      program,
      args,
      { ...options, maxBuffer: 64 * 1024 * 1024 },
      (error, stdout, stderr) => {
        process.off('exit', end);
        if (error) failed(new Error(`${stdout}\n${stderr || error.message}`));
        else done();
      },
    );
    const end = (): void => void child.kill();
    process.once('exit', end);
  });
}
