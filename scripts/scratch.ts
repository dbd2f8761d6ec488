import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';

/**
 * A folder for one run, gone when the process ends. Others may enter it: as root the database runs
 * as a user of its own.
 * @param what named in the folder's name
 */
export function scratchFolder(what: string): string {
  const folder = mkdtempSync(path.join(os.tmpdir(), `cardinex-${what}-`));
  chmodSync(folder, 0o755);
  process.on('exit', () => rmSync(folder, { recursive: true, force: true }));
  return folder;
}
