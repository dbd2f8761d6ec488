import { demoSheets } from '@cardinex/demo/sheets/all';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import type { BuildFinding } from '@cardinex/core/job/checks/buildFindings';
import { allChecks } from '@cardinex/core/job/checks/allChecks';
import { BUILD_KINDS } from '@cardinex/core/job/checks/check';
import { scopedSheet } from '@cardinex/core/job/scope';
import { scopesFor } from '@cardinex/core/job/plan/scopeChoices';
import { matchMass } from '@cardinex/core/piston/matchMass';
import type { LoggedAct } from '@cardinex/core/job/act';
import { actLine } from './acts';
import { stepSays } from './cards/buildSteps';
import { buildFindingSentence } from './cards/build';
import { checkName, itemName, placeName } from './checkNames';
import { METRIC } from './quantity';
import { trayReasonSentence } from './tray';

const THOU = { ...METRIC, length: 'thou' as const };

const everywhere = demoSheets.flatMap((sheet) =>
  scopesFor(sheet).map((kind) => [`${sheet.id}, ${kind}`, scopedSheet(sheet, { kind })] as const),
);

describe('every check of an engine put together', () => {
  it.each(everywhere)('on %s is called by words, never by its key', (_, sheet) => {
    for (const check of allChecks(sheet)) {
      const names = [
        checkName(sheet, check),
        ...check.items.map((item) => itemName(sheet, check, item)),
        ...check.places.filter(Boolean).map((place) => placeName(sheet, check, place)),
      ];
      for (const name of names) {
        expect(name.trim()).not.toBe('');
        expect(name).not.toMatch(/undefined|^[a-z]+-[a-z]/);
      }
      expect(new Set(check.items.map((item) => itemName(sheet, check, item))).size).toBe(
        check.items.length,
      );
    }
  });

  it('each kind is on some demo engine', () => {
    const kinds = new Set(
      everywhere.flatMap(([, sheet]) => allChecks(sheet).map(({ kind }) => kind)),
    );
    expect(BUILD_KINDS.filter((kind) => !kinds.has(kind))).toEqual([]);
  });

  it('a step says what to look for, and what the sheet says with its page', () => {
    const sheet = scopedSheet(tolvane44, { kind: 'everything' });
    const sentenceOf = (id: string, step: string): string => {
      const check = allChecks(sheet).find((entry) => entry.id === id);
      return check ? stepSays(sheet, check, step).join(' ') : '';
    };
    expect(sentenceOf('bore-work', 'washed')).toMatch(/Soap, warm water/);
    expect(sentenceOf('bore-work', 'honed')).toMatch(
      /Liners are renewed, not bored\. \(.*p\. 24\)/,
    );
    expect(sentenceOf('on-rod', 'piston-way')).toMatch(
      /Arrow towards the fan end\..*Piston: Arrow/,
    );
    expect(sentenceOf('on-rod', 'rod-way')).toMatch(/Number towards the thrust side/);
    expect(sentenceOf('rings-on', 'upper-face')).toBe(
      'The marked face towards the crown. Top ring: Dot beside the gap. Second ring: Dot beside the gap.',
    );
    expect(sentenceOf('stand-outs', 'near')).toMatch(/pressed down over the pin/);
  });
});

describe('what a reading comes to', () => {
  const measured = (kind: 'side-clearances' | 'rod-floats', mm: number): BuildFinding => {
    const [lowMm, highMm] = [0.08, 0.15];
    const verdict = mm < lowMm ? 'tight' : mm > highMm ? 'loose' : 'within';
    return { kind, found: { mm, lowMm, highMm, verdict } };
  };

  it.each([
    [measured('side-clearances', 0.1), /Side clearance 0\.10 mm: within\./],
    [measured('side-clearances', 0.05), /under 0\.08 mm: clean the groove/],
    [measured('side-clearances', 0.2), /over 0\.15 mm: the groove is worn/],
    [measured('rod-floats', 0.05), /a cap the wrong way round/],
    [measured('rod-floats', 0.2), /rod or crank cheeks are worn/],
  ])('names the number that broke its limit, and what to look for: %#', (finding, words) => {
    expect(buildFindingSentence(finding)).toMatch(words);
  });

  it('in thou as in millimetres', () => {
    expect(buildFindingSentence(measured('rod-floats', 0.254), THOU)).toMatch(
      /Side float 10\.0 thou/,
    );
  });

  it('a piston that stands out tells by how much it rocks', () => {
    const found = { mm: 0.5, verdict: 'no-limit' as const, rockMm: 0.02 };
    expect(buildFindingSentence({ kind: 'stand-outs', found })).toBe(
      'Stand-out 0.50 mm: no limit given. It rocks by 0.02 mm.',
    );
  });

  it('opposite pistons too far apart come with the pairing that would do', () => {
    const pieces = [1208, 1229, 1215, 1226].map((grams, at) => ({ id: String(at + 1), grams }));
    const found = matchMass({ pieces, limitGrams: 14, pairs: true });
    const opposed = [
      { cylinders: [1, 2] as const, differenceGrams: 21, verdict: 'over' as const },
      { cylinders: [3, 4] as const, differenceGrams: 11, verdict: 'within' as const },
    ];
    expect(buildFindingSentence({ kind: 'masses', found, opposed })).toBe(
      'Opposite pistons: 1 against 2 differ by 21 g: too much. Opposite each other: piston 1 with piston 3 (7 g) and piston 4 with piston 2 (3 g). All within.',
    );
  });
});

describe('the record', () => {
  const line = (
    type: string,
    data: unknown,
    sheet = scopedSheet(tolvane44, { kind: 'everything' }),
  ) => {
    const { what, value = '', words = '' } = actLine({ type, data } as LoggedAct, sheet);
    return [what, value, words].filter(Boolean).join(' | ');
  };
  const run = { set: 'main-caps', instance: '1', programme: 'main' };

  it.each([
    [
      'liners.placed',
      {
        placement: [
          { bore: '1', liner: '1', shimsMm: [] },
          { bore: '2', liner: '3', shimsMm: [0.1] },
        ],
      },
      'Liners placed | liner 3 to bore 2; bore 2 on 0.10 mm',
    ],
    [
      'liners.placed',
      { placement: [{ bore: '1', liner: '1', shimsMm: [] }] },
      'Liners placed | all stay',
    ],
    ['liner.sealed', { bore: '2', out: 1, in: 2 }, 'Liner 2: seals | 1 out, 2 in'],
    [
      'cap.turned',
      { run, stage: '1/s1', fasteners: ['m5', 'm6'], found: 'binds', words: 'stiff' },
      'Main cap bolts: turned by hand after 5 and 6 | binds | stiff',
    ],
    [
      'cap.turned',
      {
        run: { ...run, set: 'rod-caps', instance: '3' },
        stage: '1/s1',
        fasteners: ['r1', 'r2'],
        found: 'free',
      },
      'Rod cap bolts, number 3: turned by hand after 1 and 2 | free',
    ],
    [
      'piece.weighed',
      { check: 'masses', item: '2', grams: 902.5, text: '902,5' },
      'Pistons weighed, piston 2 | 902.5 g',
    ],
    ['gasket.chosen', { mark: 'one hole', by: 'stand-out' }, 'Gasket: one hole | by stand-out'],
  ])('%s: %j', (type, data, text) => {
    const sheet = scopedSheet(tolvane44, { kind: 'everything' });
    expect(line(type, data, sheet)).toBe(text);
  });
});

it.each([
  [{ code: 'liners-to-mark', bores: ['2', '3'] }, 'Mark the liners that moved: bore 2 and 3.'],
  [{ code: 'liners-to-seal', left: 1 }, '1 liner still to seal, and to read again.'],
  [{ code: 'liners-to-seal', left: 3 }, '3 liners still to seal, and to read again.'],
  [{ code: 'gasket-to-choose', mark: 'one hole' }, 'By stand-out: gasket one hole.'],
  [{ code: 'gasket-to-choose', mark: null }, 'No gasket of the table fits these pistons.'],
  [{ code: 'turn-crank', bolts: '5, 6' }, 'Turn the crank by hand: bolts 5, 6 are pulled.'],
] as const)('the tray says what is next: %j', (reason, text) => {
  expect(trayReasonSentence(reason, () => '')).toBe(text);
});

it('a pressed pin says how warm its rod must be; shells in the frame are rolled in', () => {
  const step = (
    sheet: (typeof demoSheets)[number],
    kind: 'everything' | 'in-frame',
    id: string,
    at: string,
  ) => {
    const scoped = scopedSheet(sheet, { kind });
    const check = allChecks(scoped).find((entry) => entry.id === id);
    return check ? stepSays(scoped, check, at).join(' ') : '';
  };
  expect(step(castryV8, 'everything', 'on-rod', 'pin')).toMatch(
    /Warm it to 197 °C\. It may be: within what it stands\./,
  );
  expect(step(tolvane44, 'in-frame', 'bearing/3', 'rolled-in')).toMatch(/rolled round by the pin/);
  expect(step(tolvane44, 'in-frame', 'bearing/3', 'cap-way')).toMatch(/Arrow towards the fan/);
  expect(step(tolvane44, 'everything', 'shells/mains', 'backs')).not.toMatch(/rolled/);
});

it('pins of an aircraft engine are told as its book has them', () => {
  const sheet = scopedSheet(averilQ4, { kind: 'everything' });
  const check = allChecks(sheet).find(({ id }) => id === 'on-rod');
  expect(check && stepSays(sheet, check, 'pin').join(' ')).toMatch(/By hand\..*Hand push fit/);
});
