import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { problemWords } from './problems';

/** Every string of the words, read from their sources: what can be shown or said. */
function texts(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const place = path.join(folder, entry.name);
    if (entry.isDirectory()) return texts(place);
    if (!entry.name.endsWith('.ts') || entry.name.endsWith('.test.ts')) return [];
    const source = readFileSync(place, 'utf8')
      .replace(/^import .*$/gm, '')
      .replace(/\/\*\*[^]*?\*\//g, '');
    return [...source.matchAll(/'((?:[^'\\\n]|\\.)*)'|`((?:[^`\\]|\\.)*)`/g)].map(
      (match) => match[1] ?? match[2] ?? '',
    );
  });
}

describe('the words', () => {
  const all = texts(__dirname).filter((text) => text.includes(' '));

  it('are many', () => {
    expect(all.length).toBeGreaterThan(200);
  });

  it.each([
    'submit',
    'invalid',
    'entity',
    'successfully',
    'please',
    'oops',
    'sorry',
    'are you sure',
  ])('never say %p', (word) => {
    expect(all.filter((text) => new RegExp(`\\b${word}\\b`, 'i').test(text))).toEqual([]);
  });

  it('of a problem say what is wrong and what to do', () => {
    for (const [code, { title, detail }] of Object.entries(problemWords)) {
      expect(title).not.toBe('');
      // Those without a detail of their own get one from the field they are about.
      if (!['bad-field', 'reckoning-fault', 'sheet-faults', 'refused'].includes(code))
        expect(detail).toMatch(/\.$/);
    }
  });
});
