import { sheetSections } from './sections/sheetSections';
import { groupLines, orderText, programmeLines } from './programme';
import { entrySteps } from './entry';
import { fieldLabel, labelOf, oneName } from './fields';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { engineSheetSchema } from '@cardinex/contract/sheets/engineSheet';

const sheetOf = (id: string) => {
  const sheet = demoSheets.find((entry) => entry.id === id);
  if (!sheet) throw new Error('no such sheet');
  return sheet;
};
const setOf = (id: string, set: string) => {
  const found = sheetOf(id).fastenedSets?.find((fastened) => fastened.id === set);
  if (!found) throw new Error('no such set');
  return found;
};

describe('a programme in words', () => {
  it('tells torque, angle by group, what is left out and what goes backwards', () => {
    expect(programmeLines(setOf('orrin-6t', 'head')).map((line) => line.says)).toEqual([
      'Pull to 90 N·m (Long bolts), 40 N·m (Short bolts).',
      'Turn by 90° (Long bolts), 60° (Short bolts).',
      'Turn by 90°. Leave out 15, 16, 17, 18, 19 and 20.',
    ]);
    const quillon = programmeLines(setOf('quillon-5c', 'head')).map((line) => line.says);
    expect(quillon[2]).toBe('Ease each right off. Backwards.');
  });

  it('tells jacks, waits and checks', () => {
    expect(programmeLines(setOf('hesper-m6-r', 'head')).map((line) => line.says)).toEqual([
      'Pump all jacks to 350 bar, run the nuts down, release.',
      'Pump all jacks to 700 bar, run the nuts down, release.',
      'Pump again to 700 bar: no nut may move.',
    ]);
    const castry = programmeLines(setOf('castry-v8m', 'head')).map((line) => line.says);
    expect(castry.slice(2)).toEqual([
      'Pull to 90 N·m. In another order.',
      'Wait. 15 min. Let the gasket settle.',
      'Pull to 90 N·m: none may move.',
    ]);
  });

  it('names fasteners by what is printed, and counts each group', () => {
    const head = setOf('tolvane-44', 'head');
    expect(orderText(head, ['h1', 'h10'])).toBe('1 and 10');
    expect(groupLines(setOf('orrin-6t', 'head')).map((group) => group.name)).toEqual([
      '14 × Long bolts',
      '6 × Short bolts',
    ]);
  });
});

describe('a sheet in words', () => {
  it.each(demoSheets.map((sheet) => [sheet.name, sheet] as const))(
    '%s leaves no row empty and names where its figures stand',
    (_, sheet) => {
      const rows = sheetSections(sheet).flatMap((section) => section.rows);
      expect(rows.length).toBeGreaterThan(40);
      for (const row of rows) {
        expect(row.label).not.toBe('');
        expect(row.value).not.toMatch(/undefined|null|NaN|\[object/);
        expect(row.value.trim()).not.toBe('');
      }
      const sourced = rows.filter((row) => row.source?.startsWith(sheet.manual));
      expect(sourced.length / rows.length).toBeGreaterThan(0.6);
    },
  );

  it('says of an aircraft engine who releases it', () => {
    const [engine] = sheetSections(sheetOf('averil-q4'));
    expect(engine?.rows).toContainEqual({
      label: 'Release',
      value: 'by an authorised person, against approved data',
    });
  });

  it('leaves out what the sheet does not have', () => {
    const { assembly: _assembly, ...bare } = sheetOf('tolvane-44');
    expect(sheetSections(bare).map((section) => section.title)).not.toContain('Pieces');
  });
});

describe('entering a sheet', () => {
  it('asks, step by step, for every part a sheet can have, each once', () => {
    const asked = entrySteps.flatMap((step) => step.fields);
    expect(new Set(asked).size).toBe(asked.length);
    const made = ['format', 'revision'];
    expect([...asked, ...made].sort()).toEqual(Object.keys(engineSheetSchema.shape).sort());
  });

  it('calls fields by the trade’s words, and any other by its name', () => {
    expect(labelOf(['overhead', 'screw', 'at'])).toBe('Where the screw sits');
    expect(fieldLabel('stretchLimit')).toBe('Stretch limit');
    expect(oneName('banks')).toBe('Bank');
  });
});
