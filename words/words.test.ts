import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { modulesOf } from '../scripts/pseudoWords';
import { pseudo, pseudoText } from './pseudo';
import { withinSentence } from './en/sentence';
import { wordsOf } from './identifier';

const EN = path.join(__dirname, 'en');
const modules = modulesOf(EN);

describe('the seam', () => {
  it('lists every module of a language', () => {
    const listed = [
      ...readFileSync(path.join(__dirname, 'index.ts'), 'utf8').matchAll(
        /readonly '?([\w/-]+)'?: typeof/g,
      ),
    ];
    expect(listed.map(([, name]) => name)).toEqual(modules);
  });

  it('lets figures, counts and dates be formatted by the kit alone', () => {
    const faults = modules.flatMap((module) => {
      const text = readFileSync(path.join(EN, `${module}.ts`), 'utf8');
      return [
        /\bIntl\./,
        /toLocale/,
        /toFixed/,
        /toLowerCase/,
        /toUpperCase/,
        /=== 1 \?/,
        /'s' : ''/,
      ]
        .filter((pattern) => pattern.test(text) && module !== 'sentence')
        .map((pattern) => `${module}: ${String(pattern)}`);
    });
    expect(faults).toEqual([]);
  });

  it('leads to English where no language is chosen', () => {
    const { exports } = JSON.parse(readFileSync(path.join(__dirname, 'package.json'), 'utf8')) as {
      exports: Record<string, string>;
    };
    expect(exports['./*']).toBe('./en/*.ts');
    expect(existsSync(path.join(EN, 'kit.ts'))).toBe(true);
  });
});

describe('the language made by machine', () => {
  it('is longer, accented and in another order', () => {
    const text = pseudoText('Pull it to the value');
    expect(text).toMatch(/^‹.+›$/);
    expect(text.length).toBeGreaterThanOrEqual('Pull it to the value'.length * 1.4);
    expect(text).not.toContain('value');
    expect(text.indexOf('Püll')).toBeGreaterThan(text.indexOf('válüé'));
  });

  it('leaves figures with their units, and what was said before', () => {
    for (const figure of ['85 N·m', '0.05', '−0.03 mm', '12:30', '3–4', '20 °C']) {
      expect(pseudoText(figure)).toBe(figure);
    }
    const once = pseudoText('Bolt seven');
    expect(pseudoText(once)).toBe(once);
  });

  it('says what lists, records and functions of ours say', () => {
    const words = pseudo({ title: 'Liners', count: (n: number) => `${n} liners`, lines: ['One'] });
    expect(words.title).toBe(pseudoText('Liners'));
    expect(words.count(3)).toBe(pseudoText('3 liners'));
    expect(words.lines).toEqual([pseudoText('One')]);
  });
});

it('a title stands small within a sentence, a name of its own does not', () => {
  expect(['Recheck hot', 'E3', 'T44-1', 'As found'].map(withinSentence)).toEqual([
    'recheck hot',
    'E3',
    'T44-1',
    'as found',
  ]);
});

it('an identifier falls into its words', () => {
  expect(['ringGearTeeth', 'pitch', 'rod2Length'].map(wordsOf)).toEqual([
    'ring gear teeth',
    'pitch',
    'rod2 length',
  ]);
});
