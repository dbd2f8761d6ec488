import { readFileSync, readdirSync, existsSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

const root = path.resolve(__dirname, '../..');
const PACKAGES = ['core', 'drawings', 'words', 'contract', 'server', 'app', 'demo', 'instruments'];

function sourcesIn(folder: string): readonly string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const at = path.join(folder, entry.name);
    if (entry.isDirectory()) {
      return ['node_modules', 'dist', '.expo'].includes(entry.name) ? [] : sourcesIn(at);
    }
    return /(?<!\.test)\.tsx?$/.test(entry.name) ? [at] : [];
  });
}

/** The file an import leads to; null for a package of others. */
function leadsTo(from: string, name: string): string | null {
  const base = name.startsWith('.')
    ? path.resolve(path.dirname(from), name)
    : name.startsWith('@cardinex/')
      ? path.join(root, name.slice('@cardinex/'.length).replace(/^words\//, 'words/en/'))
      : null;
  if (base === null) return null;
  return ['.ts', '.tsx'].map((end) => base + end).find((file) => existsSync(file)) ?? null;
}

/** What a file imports, types included; not what it loads only when that is asked for. */
function importsOf(file: string): readonly string[] {
  const text = readFileSync(file, 'utf8');
  const { statements } = ts.createSourceFile(file, text, ts.ScriptTarget.Latest);
  return statements.flatMap((statement) => {
    const leads = ts.isImportDeclaration(statement) || ts.isExportDeclaration(statement);
    const name = leads ? statement.moduleSpecifier : undefined;
    return name && ts.isStringLiteral(name) ? (leadsTo(file, name.text) ?? []) : [];
  });
}

/** Files that lead back to themselves, in one way round; null when none does. */
function circleAmong(graph: ReadonlyMap<string, readonly string[]>): readonly string[] | null {
  const done = new Set<string>();
  const way: string[] = [];
  const goOn = (file: string): readonly string[] | null => {
    const before = way.indexOf(file);
    if (before >= 0) return way.slice(before);
    if (done.has(file)) return null;
    way.push(file);
    for (const next of graph.get(file) ?? []) {
      const found = goOn(next);
      if (found) return found;
    }
    way.pop();
    done.add(file);
    return null;
  };
  for (const file of graph.keys()) {
    const found = goOn(file);
    if (found) return found.map((item) => path.relative(root, item));
  }
  return null;
}

it('no file leads back to itself by what it imports, types included', () => {
  const files = PACKAGES.flatMap((folder) => sourcesIn(path.join(root, folder)));
  const graph = new Map(files.map((file) => [file, importsOf(file)]));
  expect(files.length).toBeGreaterThan(500);
  expect(circleAmong(graph)).toBeNull();
});

it('the ground floor of a job imports no rule of it', () => {
  const facts = path.join(root, 'core/job/facts');
  for (const file of sourcesIn(facts)) {
    const above = importsOf(file).filter((item) => item.startsWith(path.join(root, 'core/job/')));
    const rules = above.filter((entry) => !entry.startsWith(facts));
    expect([path.relative(root, file), rules.map((each) => path.relative(root, each))]).toEqual([
      path.relative(root, file),
      [],
    ]);
  }
});
