import { readFileSync } from 'node:fs';
import path from 'node:path';

/**
 * Sends a signal to every process of the database in a folder: frozen, woken, or dead as after a power
 * cut.
 */
export function signalDatabase(folder: string, signal: NodeJS.Signals): void {
  const pidFile = path.join(folder, 'postgres/postmaster.pid');
  const postmaster = Number(readFileSync(pidFile, 'utf8').split('\n')[0]);
  for (const pid of [postmaster, ...childrenOf(postmaster)]) {
    try {
      process.kill(pid, signal);
    } catch {
      // It has ended by itself meanwhile.
    }
  }
}

function childrenOf(pid: number): readonly number[] {
  try {
    const children = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8');
    return children.trim().split(/\s+/).filter(Boolean).map(Number);
  } catch {
    return [];
  }
}
