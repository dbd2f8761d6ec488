import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { appFolder } from '../scripts/exportApp';
import type { Result } from './result';

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');

/**
 * JavaScript of the first load, gzipped, against an empty app of the same stack: the same
 * dependencies and settings, one screen that uses the ones every screen does.
 */
export function benchFirstLoad(): Result[] {
  const ours = scriptBytes(appFolder);
  const empty = emptyAppBytes();
  const kb = (bytes: number): string => `${Math.round(bytes / 1024)} KB`;
  return [
    {
      what: `JavaScript of the first load (${kb(ours)}) over an empty app's (${kb(empty)})`,
      value: ours / empty,
      unit: '×',
      limit: 1.5,
    },
  ];
}

/** The scripts the page itself names; what loads later is not the first load. */
function scriptBytes(folder: string): number {
  const page = readFileSync(path.join(folder, 'index.html'), 'utf8');
  const scripts = [...page.matchAll(/<script[^>]+src="([^"]+)"/g)].map((match) => match[1] ?? '');
  return scripts.reduce(
    (sum, script) => sum + gzipSync(readFileSync(path.join(folder, script))).length,
    0,
  );
}

function emptyAppBytes(): number {
  const folder = path.join(root, 'app/.expo/empty-app');
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(path.join(folder, 'app'), { recursive: true });
  for (const file of ['package.json', 'app.json', 'babel.config.js', 'metro.config.js'])
    cpSync(path.join(root, 'app', file), path.join(folder, file));
  for (const file of ['tailwind.config.js', 'global.css', 'tsconfig.json'])
    cpSync(path.join(root, 'app', file), path.join(folder, file));
  cpSync(path.join(root, 'app/public'), path.join(folder, 'public'), { recursive: true });
  cpSync(path.join(root, 'bench/emptyApp'), path.join(folder, 'app'), { recursive: true });
  const built = spawnSync('npx', ['--no-install', 'expo', 'export', '--platform', 'web'], {
    cwd: folder,
    encoding: 'utf8',
    env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' },
  });
  if (built.status !== 0) throw new Error(`The empty app could not be built.\n${built.stderr}`);
  const bytes = scriptBytes(path.join(folder, 'dist'));
  rmSync(folder, { recursive: true, force: true });
  return bytes;
}
