import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { ROUTES } from '@cardinex/contract/routes/table';

/** What docs name is there: files, names of the sources, scripts, addresses. */
const tracked = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], {
  encoding: 'utf8',
})
  .split('\n')
  .filter((file) => file !== '' && existsSync(file));
const docs = tracked.filter((file) => file.endsWith('.md'));
const sources = tracked
  .filter(
    (file) =>
      /\.(tsx?|mjs|cjs|js|jsonc?|ics)$/.test(file) &&
      !/package-lock|schema\.json|docs\.test/.test(file),
  )
  .map((file) => readFileSync(file, 'utf8'))
  .join('\n');
const words = new Set(sources.match(/[A-Za-z_$][\w$]*/g));
const folders = new Set(tracked.flatMap((file) => parents(file)));

const scripts = Object.keys(
  (JSON.parse(readFileSync('package.json', 'utf8')) as { scripts: object }).scripts,
);
const addresses = Object.keys(ROUTES).map((name) => name.split(' ')[1] ?? '');

/** Names of what is not ours. */
const OTHERS = new Set(['execArgv']);

function parents(file: string): string[] {
  const folder = path.dirname(file);
  return folder === '.' ? [] : [folder, ...parents(folder)];
}

/** An address with its places open: "/api/jobs/{id}" and "/api/jobs/<id>" alike. */
function patternOf(address: string): RegExp {
  const open = address.replace(/[.]/g, '\\.').replace(/\{\w+\}|<\w+>/g, '[^/]+');
  return new RegExp(`^${open}$`);
}

function isAddress(text: string): boolean {
  return addresses.some((item) => patternOf(item).test(text) || patternOf(text).test(item));
}

const TOP = new Set(tracked.flatMap((file) => (file.includes('/') ? [file.split('/')[0]] : [])));

/** What is wrong with something that stands as code in a text; null for what is there, or is no name. */
function missing(code: string): string | null {
  const script = /^npm run ([\w:]+)/.exec(code)?.[1];
  if (script !== undefined) return scripts.includes(script) ? null : 'no such script';
  const address = /^(?:(?:GET|POST|PUT|DELETE) )?(\/api\/[^\s?]*)/.exec(code)?.[1];
  if (address !== undefined) {
    return isAddress(address) ? null : 'no such address';
  }
  if (/\s/.test(code)) return null;
  const [top = ''] = code.split('/');
  if (code.includes('/') && TOP.has(top)) return isThere(code) ? null : 'no such file';
  if (/^[\w.-]+\.(tsx?|mjs|md|json)$/.test(code)) {
    return tracked.some((file) => path.basename(file) === code) ? null : 'no such file';
  }
  if (/^[A-Za-z_$][\w$]*(\.[A-Za-z_$][\w$]*)*(\(\))?$/.test(code)) {
    const names = code.replace('()', '').split('.');
    return OTHERS.has(code) || names.every((name) => words.has(name)) ? null : 'no such name';
  }
  return null;
}

/** A file, a folder, a module without its ending; `<card>` and `*` stand for any. */
function isThere(code: string): boolean {
  const pattern = code
    .replace(/\/$/, '')
    .replace(/[.[\]()]/g, '\\$&')
    .replace(/\{([^}]*)\}/g, (_, names: string) => `(${names.split(',').join('|')})`)
    .replace(/<[^>]+>|\*/g, '[^/]+');
  const whole = new RegExp(`^${pattern}(\\.tsx?)?$`);
  return tracked.some((file) => whole.test(file)) || [...folders].some((item) => whole.test(item));
}

it('finds what is not there', () => {
  const gone = [
    'core/job/nothing.ts',
    'core/<card>/nothing.ts',
    'nothing.test.ts',
    'noSuchName',
    'JobCache.noSuchName()',
    'npm run nothing',
    'GET /api/nothing/<id>',
  ];
  expect(gone.filter((code) => missing(code) === null)).toEqual([]);
});

describe.each(docs)('%s', (file) => {
  const text = readFileSync(file, 'utf8').replace(/^```[\s\S]*?^```/gm, '');

  it('names nothing that is not there', () => {
    const codes = [...text.matchAll(/`([^`\n]+)`/g)].map(([, code = '']) => code);
    const gone = [...new Set(codes)].flatMap((code) => {
      const why = missing(code);
      return why === null ? [] : [`${code}: ${why}`];
    });
    expect(gone).toEqual([]);
  });

  it('leads nowhere that is not there', () => {
    const links = [...text.matchAll(/\]\(([^)#\s]+)(?:#[^)]*)?\)/g)].map(([, to = '']) => to);
    const broken = links
      .filter((to) => !/^https?:/.test(to))
      .filter((to) => !existsSync(path.join(path.dirname(file), to)));
    expect(broken).toEqual([]);
  });
});

describe('decisions', () => {
  const decisions = docs.filter((file) => /^docs\/decisions\/\d/.test(file));

  it('are numbered one after the other', () => {
    const numbers = decisions.map((file) => Number(path.basename(file).slice(0, 4)));
    expect(numbers).toEqual(numbers.map((_, place) => place + 1));
  });

  it.each(decisions)('%s says where it stands, since when, and what it might have been', (file) => {
    const text = readFileSync(file, 'utf8');
    const number = Number(path.basename(file).slice(0, 4));
    expect(text).toMatch(new RegExp(`^# ${number}\\. \\S.*\\n\\n- \\*\\*Status:\\*\\* \\S`));
    expect(text).toMatch(/\n- \*\*Date:\*\* \d{4}-\d{2}-\d{2}\n- \*\*Instead of:\*\* \S/);
  });
});
