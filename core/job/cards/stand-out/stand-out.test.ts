import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { scopedSheet } from '../../scope';
import { cardIn, madeDead, measured, openedFor, refusalIn, sheetIn } from '../../tests/intake';
import { stateOf } from '../../tests/story';
import { gasketOptions } from './gasketOptions';
import { gasketFinding, standOutChecks } from './checks';

const EVERYTHING = { kind: 'everything' } as const;

/** A job with all left out up to its stand-outs, read the same at both places. */
function read(sheet: EngineSheet, ...standOuts: number[]): Storyteller {
  const story = madeDead(openedFor(sheet, EVERYTHING, {}), sheet);
  for (const card of [
    'mark',
    'strip',
    'parts',
    'inspect',
    'bores',
    'shells',
    'crank',
    'pistons',
  ] as const) {
    story.act('card.left-out', { card, words: 'done before' });
  }
  const rows = standOuts.map((mm, at) => [String(at + 1), [mm, mm]] as const);
  return measured(story, sheet, 'stand-outs', Object.fromEntries(rows));
}

const lead = { role: 'lead', fresh: true } as const;

describe('the gasket that is taken', () => {
  const within = read(tolvane44, 0.5, 0.5, 0.52, 0.5);
  const choice = { mark: 'two holes', by: 'stand-out' } as const;

  it('the one the stand-out asks for needs nobody’s leave', () => {
    expect(gasketFinding(sheetIn(within, tolvane44), stateOf(within).checks)?.mark).toBe(
      'two holes',
    );
    within.act('card.left-out', { card: 'stand-out', words: 'measured' });
    expect(refusalIn(within, tolvane44, 'gasket.chosen', choice)).toBeNull();
  });

  it('the old one says nothing where pistons came out', () => {
    const byOld = { ...choice, by: 'old-gasket' } as const;
    const story = read(tolvane44);
    story.act('card.left-out', { card: 'stand-out', words: 'as measured elsewhere' });
    expect(cardIn(story, tolvane44, 'stand-out').reason.code).toBe('left-out');
    expect(refusalIn(story, tolvane44, 'gasket.chosen', byOld)).toBe('gasket-by-measure');
  });

  it('another is the lead’s to allow, with a reason and a fresh proof', () => {
    const story = read(tolvane44, 0.5, 0.5, 0.52, 0.5);
    story.act('card.left-out', { card: 'stand-out', words: 'measured' });
    const other = { mark: 'three holes', by: 'stand-out' as const };
    const refusal = (words?: string, member = {}) =>
      refusalIn(story, tolvane44, 'gasket.chosen', { ...other, ...(words && { words }) }, member);
    expect(refusal()).toBe('words-needed');
    expect(refusal('the head was cut')).toBe('lead-lets-stand');
    expect(refusal('the head was cut', { ...lead, fresh: false })).toBe('needs-fresh-proof');
    expect(refusal('the head was cut', lead)).toBeNull();
    expect(refusalIn(story, tolvane44, 'gasket.chosen', choice)).toBeNull();
  });

  it('without every piston read there is none to take', () => {
    const story = read(tolvane44, 0.5, 0.5);
    story.act('card.left-out', { card: 'stand-out', words: 'measured' });
    expect(refusalIn(story, tolvane44, 'gasket.chosen', choice)).toBe('stand-outs-first');
  });
});

describe('what a grade would do', () => {
  it('clearance above the highest falls by as much as the gasket is thinner', () => {
    const story = read(tolvane44, 0.5, 0.5, 0.52, 0.5);
    const clearances = gasketOptions(sheetIn(story, tolvane44), stateOf(story).checks).map(
      ({ leastMm }) => leastMm,
    );
    expect(clearances.map((mm) => mm?.toFixed(2))).toEqual(['0.68', '0.78', '0.88']);
  });

  it('compression is not told where the sheet lacks a volume', () => {
    const story = read(quillon5c, 0.7, 0.7, 0.7, 0.7, 0.7);
    const options = gasketOptions(sheetIn(story, quillon5c), stateOf(story).checks);
    expect(options.every(({ ratio }) => ratio === null)).toBe(true);
    expect(options.every(({ leastMm }) => leastMm !== null)).toBe(true);
  });
});

it('rods have their side float read only where pistons went in', () => {
  const ids = (kind: 'gasket' | 'everything') =>
    standOutChecks(scopedSheet(tolvane44, { kind })).map(({ id }) => id);
  expect(ids('gasket')).toEqual(['stand-outs']);
  expect(ids('everything')).toEqual(['rod-floats', 'stand-outs']);
});
