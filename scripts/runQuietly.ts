import { execFile } from 'node:child_process';
import { promisify } from 'node:util';

/**
 * Runs a command to its end and keeps what it prints to itself.
 * @throws Error with all it printed, where it does not end well
 */
export async function runQuietly(
  [program = '', ...args]: readonly string[],
  options: { readonly cwd: string; readonly env?: NodeJS.ProcessEnv },
): Promise<void> {
  try {
    await promisify(execFile)(program, args, { ...options, maxBuffer: 64 * 1024 * 1024 });
  } catch (error) {
    const { stdout = '', stderr = String(error) } = error as { stdout?: string; stderr?: string };
    throw new Error(`${stdout}\n${stderr}`);
  }
}
