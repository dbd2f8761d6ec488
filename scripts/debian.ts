import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';

const POSTGRES = '/usr/lib/postgresql';
const CHROMIUM = '/usr/bin/chromium';

/** Folder of the newest PostgreSQL's programs, installing Debian's package when it is missing. */
export function postgresPrograms(): string {
  const find = (): string | null => {
    if (!existsSync(POSTGRES)) return null;
    const newest = readdirSync(POSTGRES)
      .filter((version) => existsSync(path.join(POSTGRES, version, 'bin/initdb')))
      .sort((a, b) => Number(b) - Number(a))[0];
    return newest ? path.join(POSTGRES, newest, 'bin') : null;
  };
  return find() ?? installed('postgresql', find);
}

/** Path of Chromium, installing Debian's package when it is missing. */
export function chromium(): string {
  const find = (): string | null => (existsSync(CHROMIUM) ? CHROMIUM : null);
  return find() ?? installed('chromium', find);
}

function installed(debianPackage: string, find: () => string | null): string {
  const ask = `Please install it: apt-get install ${debianPackage}`;
  if (process.getuid?.() !== 0) throw new Error(`${debianPackage} is missing. ${ask}`);
  console.log(`Installing ${debianPackage} from Debian (once) ...`);
  const apt = (...args: string[]): boolean =>
    spawnSync('apt-get', args, {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    }).status === 0;
  const install = (): boolean => apt('install', '-y', '--no-install-recommends', debianPackage);
  if (!install() && !(apt('update') && install())) {
    throw new Error(`${debianPackage} could not be installed. ${ask}`);
  }
  const found = find();
  if (!found) throw new Error(`${debianPackage} was installed but is not where it should be.`);
  return found;
}
