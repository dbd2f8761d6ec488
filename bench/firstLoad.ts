import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { appFolder, exportScreens } from '../scripts/exportApp';
import { scratchFolder } from '../scripts/scratch';
import type { Result } from './result';

/**
 * JavaScript of the first load, gzipped, against an empty app of the same stack: the same
 * dependencies and settings, and the one screen in `app/empty`.
 */
export async function benchFirstLoad(): Promise<Result[]> {
  const ours = scriptBytes(appFolder);
  const empty = scriptBytes(await emptyApp());
  const kb = (bytes: number): string => `${Math.round(bytes / 1024)} KB`;
  return [
    {
      what: `JavaScript of the first load (${kb(ours)}) over an empty app's (${kb(empty)})`,
      value: ours / empty,
      unit: '×',
      limit: 1.25,
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

async function emptyApp(): Promise<string> {
  const folder = path.join(scratchFolder('empty'), 'dist');
  await exportScreens('empty', folder);
  return folder;
}
