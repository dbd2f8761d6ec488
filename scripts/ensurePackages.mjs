import { spawn, spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');

/** Installs the packages when there are none, or when the lockfile is newer than they are. */
export function ensurePackages() {
  const lock = path.join(root, 'package-lock.json');
  const installed = path.join(root, 'node_modules/.package-lock.json');
  if (existsSync(installed) && statSync(installed).mtimeMs >= statSync(lock).mtimeMs) return;
  console.log('Installing packages (once, a minute or two) ...');
  const { status } = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: root,
    stdio: 'inherit',
  });
  if (status !== 0) {
    console.error('The packages could not be installed. See the lines above.');
    process.exit(1);
  }
}

/** Runs a TypeScript script in a child and ends as it ends. Signals reach it through the terminal or here. */
export function runScript(file, args = process.argv.slice(2)) {
  const child = spawn(
    process.execPath,
    ['--import', 'tsx', path.join(root, 'scripts', file), ...args],
    {
      cwd: root,
      stdio: 'inherit',
    },
  );
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
    // From a terminal the child has had Ctrl-C already; a second one is ignored there.
    process.on(signal, () => child.kill(signal));
  }
  child.on('exit', (code, signal) => process.exit(code ?? (signal ? 1 : 0)));
}
