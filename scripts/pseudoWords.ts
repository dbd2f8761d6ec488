import { copyFileSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import type { Words } from '@cardinex/words';

const words = path.resolve('words');
const EN = path.join(words, 'en');

/** Figures, lists and dates: a language brings its own. */
const AS_THEY_ARE: ReadonlySet<keyof Words> = new Set(['kit'] as const);
/** Drawings with their words, which they take from the modules beside them. */
const DRAWN = /^drawn\/(?!titles$)/;

/**
 * Writes the language made by machine (words/pseudo.ts) beside the others, a file for each module of English.
 *
 * @returns the folder, which git leaves alone
 */
export function writePseudoWords(): string {
  const folder = path.join(words, 'pseudo');
  rmSync(folder, { recursive: true, force: true });
  for (const module of modulesOf(EN)) {
    const file = path.join(folder, `${module}.ts`);
    const up = path.relative(path.dirname(file), words);
    const from = `${up}/en/${module}`;
    mkdirSync(path.dirname(file), { recursive: true });
    if (DRAWN.test(module)) {
      copyFileSync(path.join(EN, `${module}.ts`), file);
      continue;
    }
    const text = AS_THEY_ARE.has(module)
      ? `export * from '${from}';\n`
      : [
          `import * as en from '${from}';`,
          `import { pseudo } from '${up}/pseudo';`,
          ...exportsOf(path.join(EN, `${module}.ts`)).map(
            (name) => `export const ${name} = pseudo(en.${name});`,
          ),
          '',
        ].join('\n');
    writeFileSync(file, text);
  }
  return folder;
}

/** The modules of a language, each by its path without an ending. */
export function modulesOf(folder: string): readonly (keyof Words)[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
    .map((file) => file.slice(0, -'.ts'.length) as keyof Words)
    .sort();
}

/** What a module exports besides types. */
function exportsOf(file: string): readonly string[] {
  const { statements } = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  return statements.flatMap((statement) => {
    const exported =
      ts.canHaveModifiers(statement) &&
      ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);
    if (exported && ts.isFunctionDeclaration(statement)) return [statement.name?.text ?? ''];
    if (exported && ts.isVariableStatement(statement)) {
      return statement.declarationList.declarations.map(({ name }) => name.getText());
    }
    if (!ts.isExportDeclaration(statement) || statement.isTypeOnly) return [];
    const named = statement.exportClause;
    return named && ts.isNamedExports(named)
      ? named.elements.flatMap(({ name, isTypeOnly }) => (isTypeOnly ? [] : [name.text]))
      : [];
  });
}
