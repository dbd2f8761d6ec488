import { scopedSheet } from '@cardinex/core/job/scope';
import fc from 'fast-check';
import { readingTables, replacing, type ReadingTable } from '@cardinex/core/job/readings';
import { EMPTY_STATE } from '@cardinex/core/job/emptyJob';
import { openedFor, sheetIn } from '@cardinex/core/job/tests/intake';
import { linersIn, stateOf } from '@cardinex/core/job/tests/story';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { readReadings, writeReadings } from './readingsCsv';

const GASKET = { kind: 'gasket' } as const;
const sheet = scopedSheet(tolvane44, GASKET);
const HEAD = 'card,item,reading,value,unit';
const tables = readingTables(sheet, EMPTY_STATE);
const read = (...lines: readonly string[]) => readReadings([HEAD, ...lines].join('\n'), tables);
const faultsOf = (...lines: readonly string[]) =>
  read(...lines).faults.map(({ line, field, says }) => `${line} ${field} ${says}`);

describe('readings as CSV', () => {
  it('come back as they were written, each in its own words and unit', () => {
    const state = stateOf(linersIn());
    const tablesHere = readingTables(sheet, state);
    const csv = writeReadings(tablesHere, () => 'Tobin');
    expect(csv.split('\r\n').slice(0, 2)).toEqual([
      'card,item,reading,value,unit,at,by',
      'liners,1,fan side,0.06,mm,2026-03-02T08:04:20.000+00:00,Tobin',
    ]);
    const { acts, faults } = readReadings(csv, tables);
    expect(faults).toEqual([]);
    expect(acts).toHaveLength(16);
    expect(acts[0]).toEqual({
      type: 'liner.read',
      data: { bore: '1', place: 0, mm: 0.06, printed: { text: '0.06', unit: 'mm' } },
    });
  });

  it('that would take the place of others, at another size, are told apart from the rest', () => {
    const state = stateOf(linersIn());
    const csv = writeReadings(readingTables(sheet, state), () => 'Tobin');
    const { acts } = readReadings(csv, tables);
    expect(replacing(state, acts)).toEqual([]);
    const changed = readReadings(csv.replace('fan side,0.06', 'fan side,0.09'), tables).acts;
    expect(replacing(state, changed)).toMatchObject([{ data: { bore: '1', place: 0, mm: 0.09 } }]);
  });

  it('are read with comma, semicolon or tab, a decimal comma, thou, and any case', () => {
    const text =
      'Card;Item;Reading;Value;Unit\nLiners;2;Flywheel side;0,08;MM\nvalves;e1;FOUND;12;thou';
    const { acts, faults } = readReadings(`\uFEFF${text}`, tables);
    expect(faults).toEqual([]);
    expect(acts).toMatchObject([
      { type: 'liner.read', data: { bore: '2', place: 1, mm: 0.08 } },
      { type: 'valve.read', data: { valve: 'E1', reading: 'found', mm: 12 * 0.0254 } },
    ]);
    expect(readReadings(text.replaceAll(';', '\t'), tables).acts).toEqual(acts);
  });

  it('name every fault by its line and column, and give no act while there is one', () => {
    expect(
      faultsOf(
        'liners,1,fan side,0.06,mm',
        'pistons,1,fan side,0.06,mm',
        'liners,9,top,six,inch',
        'liners,1,Fan side,0.07,mm',
        'liners,2,fan side,60,mm',
        'valves,E1,found,-0.3,mm',
        'liners,3',
      ),
    ).toEqual([
      '3 card must be one of flatness/head/1, lengths/head/1, bores, stand-outs, liners, valves',
      '4 item must be one of 1, 2, 3, 4',
      '4 reading must be one of fan side, flywheel side, pump side, manifold',
      '4 unit must be one of mm, thou',
      '4 value must be a number, with a comma or a point for its decimals',
      '5 reading is read in line 2 already',
      '6 value is beyond 2 mm: look at the decimal mark',
      '7 value must be a number, with a comma or a point for its decimals',
      '8  holds 2 cells; there are 5 headings.',
    ]);
    expect(read('liners,1,fan side,0.06,mm', 'liners,1,x,0.06,mm').acts).toEqual([]);
  });

  it.each([
    ['', 'holds no readings'],
    ['bolt 7, 85', 'holds no readings'],
    [HEAD, 'holds no readings'],
    ['card,item,reading,value', 'is missing: unit'],
    [`${HEAD},colour\nliners,1,fan side,0.06,mm,red`, 'is not known: colour'],
    [`${HEAD},unit\nliners,1,fan side,0.06,mm,mm`, 'holds unit twice'],
  ])('say what %j wants', (text, sentence) => {
    const { acts, faults } = readReadings(text, tables);
    expect(acts).toEqual([]);
    expect(faults.map((fault) => fault.says).join(' ')).toContain(sentence);
  });

  it('have the tables of the engine and no others', () => {
    const cards = (all: readonly ReadingTable[]) => all.map(({ card }) => card);
    expect(cards(readingTables(scopedSheet(castryV8, GASKET), EMPTY_STATE))).toEqual([
      'flatness/head/port',
      'flatness/head/starboard',
      'bores',
    ]);
    const hesper = cards(readingTables(scopedSheet(hesperM6Right, GASKET), EMPTY_STATE));
    expect(hesper.filter((card) => !card.startsWith('flatness/head/'))).toEqual([
      'bores',
      'rings',
      'liners',
      'valves',
    ]);
  });

  it('whatever the text, answer with acts or with faults, never with both and never by failing', () => {
    const cell = fc.oneof(
      fc.constantFrom('liners', 'valves', '1', 'E1', 'fan side', 'found', '0.06', 'mm', '"', '='),
      fc.string({ maxLength: 8 }),
    );
    const line = fc.array(cell, { maxLength: 7 }).map((cells) => cells.join(','));
    fc.assert(
      fc.property(fc.boolean(), fc.array(line, { maxLength: 6 }), (headed, lines) => {
        const { acts, faults } = headed ? read(...lines) : readReadings(lines.join('\n'), tables);
        expect(acts.length > 0).toBe(faults.length === 0);
      }),
      { numRuns: 300 },
    );
  });
});

describe('readings of an inspection', () => {
  const story = openedFor(tolvane44, { kind: 'gasket' });
  const inspected = readingTables(sheetIn(story, tolvane44), stateOf(story));

  it('have a table for each check', () => {
    expect(inspected.map(({ card }) => card)).toEqual([
      'flatness/head/1',
      'lengths/head/1',
      'bores',
      'stand-outs',
      'liners',
      'valves',
    ]);
  });

  it('come in as acts of their check, each at its place', () => {
    const text = [HEAD, 'lengths/head/1,H7,reading,118.9,mm', 'bores,3,top-across,105.04,mm'];
    const { acts, faults } = readReadings(text.join('\n'), inspected);
    expect(faults).toEqual([]);
    expect(acts).toMatchObject([
      { type: 'check.read', data: { check: 'lengths/head/1', item: 'h7', mm: 118.9 } },
      { type: 'check.read', data: { check: 'bores', item: '3', place: 'top-across' } },
    ]);
  });

  it('too small or too large for what they are of are told from readings', () => {
    const text = [HEAD, 'bores,3,top-across,10.5,mm', 'bores,3,top-along,1050,mm'];
    const { acts, faults } = readReadings(text.join('\n'), inspected);
    expect(acts).toEqual([]);
    expect(faults.map(({ says }) => says)).toEqual([
      'is below 94.5 mm: look at the decimal mark',
      'is beyond 115.5 mm: look at the decimal mark',
    ]);
  });
});
