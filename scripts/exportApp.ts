import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { generateSW } from 'workbox-build';
import { runQuietly } from './runQuietly';

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const app = path.join(root, 'app');
export const appFolder = path.join(app, 'dist');
const stampFile = path.join(appFolder, '.sources');

/** What the export is made from. */
const SOURCES = ['app', 'core', 'drawings', 'words', 'contract', 'package-lock.json'];

/** Exports the app for the web, with its service worker, unless what it is made from is unchanged. */
export async function exportApp(): Promise<void> {
  const stamp = sourceStamp();
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === stamp) return;
  console.log('Building the app (the first time takes two minutes) ...');
  await exportScreens('app', appFolder);
  await addServiceWorker();
  writeFileSync(stampFile, stamp);
}

/**
 * Exports one map of screens for the web.
 * @param screens a folder of `app/`: the app itself, or the bench's empty one
 * @param language a folder of `words/`
 * @throws Error with what the export printed
 */
export async function exportScreens(
  screens: 'app' | 'empty',
  folder: string,
  language = 'en',
): Promise<void> {
  // The program itself, and not by way of another that would be left waiting for it.
  const expo = path.join(root, 'node_modules/.bin/expo');
  const command = [expo, 'export', '--platform', 'web', '--output-dir', folder];
  // Left to itself it leaves every other core idle, which on a small machine is half of the time.
  command.push('--max-workers', String(availableParallelism()));
  try {
    await runQuietly(command, {
      cwd: app,
      env: {
        ...process.env,
        CARDINEX_SCREENS: screens,
        CARDINEX_LANGUAGE: language,
        EXPO_OFFLINE: '1',
        EXPO_NO_TELEMETRY: '1',
        CI: '1',
        NODE_ENV: 'production',
      },
    });
  } catch (error) {
    throw new Error(`The app could not be built.\n${error instanceof Error ? error.message : ''}`);
  }
}

/** After one visit the app opens with no network: every file of the export is kept by the browser. */
async function addServiceWorker(): Promise<void> {
  const { warnings } = await generateSW({
    globDirectory: appFolder,
    globPatterns: ['**/*.{html,js,css,ttf,ico,png,svg,webmanifest}'],
    swDest: path.join(appFolder, 'sw.js'),
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /^\/health$/, /^\/ready$/],
    inlineWorkboxRuntime: true,
    skipWaiting: false,
    clientsClaim: true,
    sourcemap: false,
    maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
    dontCacheBustURLsMatching: /[.-][0-9a-f]{20,}\./,
  });
  warnings.forEach((warning) => console.warn(warning));
}

function sourceStamp(): string {
  const hash = createHash('sha256');
  for (const source of SOURCES) addTo(hash, path.join(root, source));
  return hash.digest('hex');
}

function addTo(hash: ReturnType<typeof createHash>, place: string): void {
  if (
    /(^|\/)(node_modules|dist|\.expo|tests)$/.test(place) ||
    /(\.test\.tsx?|-env\.d\.ts)$/.test(place)
  )
    return;
  const entries = existsSync(place) ? listed(place) : [];
  if (entries === null) hash.update(place.slice(root.length)).update(readFileSync(place));
  else for (const entry of entries) addTo(hash, path.join(place, entry));
}

/** Names in a folder, sorted; null for a file. */
function listed(place: string): string[] | null {
  try {
    return readdirSync(place).sort();
  } catch {
    return null;
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await exportApp();
