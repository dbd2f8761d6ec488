import { demoSheets } from '@cardinex/demo/sheets/all';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { withValueAt } from '@cardinex/core/sheet/pointer';
import { readSheet } from './readSheet';
import { chance, mutated } from './tests/mutate';
import { openEveryCard } from './tests/openEveryCard';

const asSent = (sheet: unknown): unknown => JSON.parse(JSON.stringify(sheet)) as unknown;

/** What is said of a sheet with one value changed: "at: says". */
function saidOf(sheet: EngineSheet, at: string, to: unknown): string[] {
  return readSheet(asSent(withValueAt(sheet, at, to))).faults.map((f) => `${f.at}: ${f.says}`);
}

const rodCaps = `/fastenedSets/${tolvane44.fastenedSets?.findIndex(({ kind }) => kind === 'rod-caps')}/instances`;

const thin = {
  format: 'engine-sheet/2',
  id: 'thin',
  revision: 1,
  name: 'Thin',
  description: 'What is on the plate',
  manual: 'The plate',
  service: 'plant',
  fuel: 'diesel',
  strokes: 4,
  layout: { form: 'in-line', banks: [{ id: 'a', name: 'in line', cylinders: [1, 2] }] },
  cylinder1End: 'fan',
  otherEnd: 'flywheel',
};

describe('reading an engine sheet', () => {
  it('welcomes a thin one: what is missing bars only the cards that need it', () => {
    const { sheet, faults, sound } = readSheet(thin);
    expect([faults, sound]).toEqual([[], true]);
    if (sheet) openEveryCard(sheet);
  });

  it.each([
    [
      'a valve, where the other cylinders have theirs',
      'overhead.valves: Cylinder 3 has no exhaust here, and others have.',
      withValueAt(
        tolvane44,
        '/overhead/valves',
        tolvane44.overhead?.valves.filter(({ id }) => id !== 'E3'),
      ),
    ],
    [
      'a rod cap',
      'fastenedSets[2].instances: 3 of 4 rod caps: the one of cylinder 2 is missing.',
      withValueAt(tolvane44, rodCaps, ['1', '3', '4']),
    ],
    [
      'a cylinder of its heads',
      'liners.headGroups: Cylinder 4 is under none of these heads.',
      withValueAt(tolvane44, '/liners/headGroups', [[1, 2], [3]]),
    ],
  ])('names %s that was forgotten', (_, sentence, sheet) => {
    const { faults, sound } = readSheet(asSent(sheet));
    expect(faults.map((fault) => `${fault.at}: ${fault.says}`)).toContain(sentence);
    expect(sound).toBe(false);
  });

  it('gives back what was sent', () => {
    for (const sheet of demoSheets) expect(readSheet(asSent(sheet)).sheet).toEqual(sheet);
  });

  it.each([
    [
      'a misspelt field',
      { ...thin, cylindr1End: 'fan' },
      'cylindr1End: is not a field known here; check its spelling',
    ],
    ['a missing one', { ...thin, name: undefined }, 'name: is missing'],
    ['a number for text', { ...thin, name: 7 }, 'name: must be text'],
    [
      'a choice that is none',
      { ...thin, fuel: 'peat' },
      'fuel: must be one of: diesel, petrol, gas',
    ],
    ['text that is no document', 'a sheet', ': must be an object'],
    ['another format', { ...thin, format: 'engine-sheet/9' }, 'format: must be "engine-sheet/2"'],
    [
      'a figure without its source',
      { ...thin, bore: { text: '90 mm', value: 90, unit: 'mm', from: 'manual' } },
      'bore.source: is missing',
    ],
    [
      'liners of no school',
      { ...thin, liners: { low: 1 } },
      'liners.school: must have a school: none, dry, proud, on-shims, flush or recessed',
    ],
  ])('names %s at its place', (_, document, text) => {
    expect(readSheet(asSent(document)).faults.map((f) => `${f.at}: ${f.says}`)).toContain(text);
  });

  it('names what is wrong inside the shape that was meant, not that no shape fits', () => {
    const at = '/fastenedSets/0/programme/cycles/0/stages/0/values/0/value/figure/unit';
    expect(saidOf(tolvane44, at, 'Nm')).toEqual([
      'fastenedSets[0].programme.cycles[0].stages[0].values[0].value.figure.unit: must be one of: N·m, lbf·ft, lbf·in, kgf·m',
    ]);
  });

  it('names every fault, not only the first', () => {
    const document = { ...thin, fuel: 'peat', strokes: 3, cylinder1End: 'front', naem: 'x' };
    expect(
      readSheet(document)
        .faults.map((f) => f.at)
        .sort(),
    ).toEqual(['cylinder1End', 'fuel', 'naem', 'strokes']);
  });

  it.each<[string, EngineSheet, string, unknown, string]>([
    [
      'a firing order that repeats',
      tolvane44,
      '/firing/order',
      [1, 3, 4, 4],
      'firing.order[3]: The firing order repeats cylinder 4.',
    ],
    [
      'one that misses',
      tolvane44,
      '/firing/order',
      [1, 3, 4, 4],
      'firing.order: The firing order misses cylinder 2.',
    ],
    [
      'one that begins elsewhere',
      tolvane44,
      '/firing/order',
      [3, 4, 2, 1],
      'firing.order[0]: The firing order begins with cylinder 3; turn it until it begins with 1.',
    ],
    [
      'cylinders with a gap',
      tolvane44,
      '/layout/banks/0/cylinders',
      [1, 2, 3, 5],
      'layout.banks: Cylinder 4 is in no bank: cylinders are numbered from 1 without a gap.',
    ],
    [
      'two ends alike',
      tolvane44,
      '/otherEnd',
      'fan',
      'otherEnd: Both ends are called fan. Name what sits on the other one.',
    ],
    [
      'rotation from an end that is not there',
      tolvane44,
      '/rotation/seenFrom',
      'propeller',
      'rotation.seenFrom: This engine has no propeller end: rotation is seen from fan or flywheel.',
    ],
    [
      'an order that misses a bolt',
      tolvane44,
      '/fastenedSets/0/programme/cycles/0/stages/0/order',
      ['h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'h8', 'h9', 'h10'],
      'fastenedSets[0].programme.cycles[0].stages[0].order: The order misses 7. Pull it, or leave it out on purpose.',
    ],
    [
      'a bolt that is not there',
      tolvane44,
      '/fastenedSets/0/programme/cycles/0/stages/1/order/2',
      'h77',
      'fastenedSets[0].programme.cycles[0].stages[1].order[2]: There is no fastener h77 in this set.',
    ],
    [
      'a value that falls',
      tolvane44,
      '/fastenedSets/0/programme/cycles/0/stages/2/values/0/value/figure',
      { ...tolvane44.bore, text: '20 N·m', value: 20, unit: 'N·m' },
      'fastenedSets[0].programme.cycles[0].stages[2]: The value falls from 85 N·m to 20 N·m without slackening between.',
    ],
    [
      'two bolts in one place',
      tolvane44,
      '/fastenedSets/0/fasteners/1/xMm',
      30,
      'fastenedSets[0].fasteners[1]: 4 stands where 8 stands.',
    ],
    [
      'a bolt off the map',
      tolvane44,
      '/fastenedSets/0/fasteners/1/xMm',
      900,
      'fastenedSets[0].fasteners[1]: 4 stands outside the map.',
    ],
    [
      'a text that says another figure',
      tolvane44,
      '/bore/value',
      150,
      'bore.value: The text says “105 mm”, the value 150. Make them one figure.',
    ],
    [
      'a range upside down',
      tolvane44,
      '/liners/high',
      { ...tolvane44.bore, text: '0.02 mm', value: 0.02 },
      'liners.high: The range is upside down: 0.05 mm is above 0.02 mm, or they are in different units.',
    ],
    [
      'cam events of the other kind',
      tolvane44,
      '/overhead/camEvents/strokes',
      2,
      'overhead.camEvents.strokes: This engine is a 4-stroke.',
    ],
    [
      'cam events that overlap strangely',
      tolvane44,
      '/overhead/camEvents/ivoBtdcDeg',
      170,
      'overhead.camEvents: Inlet and exhaust overlap by 184°. Are opening and closing swapped, or before and after?',
    ],
    [
      'a valve of no cylinder',
      tolvane44,
      '/overhead/valves/0/cylinder',
      9,
      'overhead.valves[0].cylinder: This engine has no cylinder 9.',
    ],
    [
      'a table that names no valve',
      tolvane44,
      '/overhead/bookTable/positions/0/set/0',
      'E9',
      'overhead.bookTable.positions[0].set[0]: There is no valve E9 here.',
    ],
    [
      'grades that overlap',
      tolvane44,
      '/gasket/grades/1/over',
      { ...tolvane44.bore, text: '0.40 mm', value: 0.4 },
      'gasket.grades[1].over: Grade two holes begins below where one hole ends.',
    ],
    [
      'stretch bolts told to settle and check',
      quillon5c,
      '/fastenedSets/0/afterwards/0/demand',
      'do',
      'fastenedSets[0].afterwards: Quillon 5C repair guide, edition 7, p. 31 asks for a settle and check, which disturbs stretch bolts outside their own programme.',
    ],
    [
      'a piece that is not there',
      orrin6t,
      '/assembly/pieces/0/restsOn/0',
      'lid',
      'assembly.pieces[0].restsOn[0]: There is no lid in this assembly. Enter it as a piece, or name another.',
    ],
    [
      'a variant of a figure that is not there',
      orrin6t,
      '/variants/0/options/1/overrides/0/at',
      '/liners/crush',
      'variants[0].options[1].overrides[0].at: The sheet has nothing at /liners/crush: a variant changes single figures that are there.',
    ],
    [
      'a variant that renumbers',
      orrin6t,
      '/variants/0/options/1/overrides/0/at',
      '/layout/banks/0',
      'variants[0].options[1].overrides[0].at: /layout/banks/0 is the same on every engine of a sheet. Make another sheet instead.',
    ],
  ])('objects to %s, in plain words at its place', (_, sheet, at, to, said) => {
    expect(saidOf(sheet, at, to)).toContain(said);
  });

  it('objects to a variant that makes no sheet, at the override that does it', () => {
    const gap = { figure: 'wide', low: 1, high: 2 };
    const [first] = saidOf(orrin6t, '/variants/0/options/1/overrides/0/to', gap);
    expect(first).toMatch(
      /^variants\[0\]\.options\[1\]\.overrides\[0\]: on Window cover, overhead/,
    );
  });

  it('takes odd intervals that add up', () => {
    const odd = { order: [1, 2], intervalsDeg: [180, 540], from: 'manual', source: 'p. 1' };
    expect(readSheet({ ...thin, firing: odd }).sound).toBe(true);
    expect(
      readSheet({ ...thin, firing: { ...odd, intervalsDeg: [180, 180] } }).faults[0]?.says,
    ).toBe('The intervals add up to 360°; a cycle is 720°.');
  });

  it('never breaks on a document nested deeper than any sheet', () => {
    const deep = `${'['.repeat(5000)}${']'.repeat(5000)}`;
    const document = asSent(orrin6t) as {
      variants: { options: { overrides: { to: unknown }[] }[] }[];
    };
    const override = document.variants[0]?.options[1]?.overrides[0];
    if (override) override.to = JSON.parse(deep) as unknown;
    expect(readSheet(document).sound).toBe(false);
  });
});

describe('random mutations of valid sheets', () => {
  // Ten thousand with CARDINEX_MUTATIONS=10000; fewer on every run.
  const runs = Number(process.env.CARDINEX_MUTATIONS ?? 200);

  it('are refused with the place of each fault, or make a sheet that every card can open', () => {
    const random = chance(20261125);
    const documents = demoSheets.map(asSent);
    let accepted = 0;
    for (let run = 0; run < runs; run += 1) {
      let document = documents[Math.floor(random() * documents.length)];
      for (let times = 1 + Math.floor(random() * 3); times > 0; times -= 1) {
        document = mutated(document, random);
      }
      const { sheet, faults, sound } = readSheet(asSent(document));
      if (!sound) {
        expect(faults.filter((f) => f.bars && f.says.length > 0).length).toBeGreaterThan(0);
        continue;
      }
      accepted += 1;
      if (!sheet) throw new Error('sound, and no sheet');
      openEveryCard(sheet);
    }
    expect(accepted).toBeGreaterThan(runs / 100);
    expect(accepted).toBeLessThan(runs);
  }, 600_000);
});

describe('a sheet still being entered', () => {
  const { layout, cylinder1End, otherEnd, rotation } = tolvane44;

  it('is checked in what has been entered, while the rest is missing', () => {
    const firing = { order: [1, 3, 4, 4], from: 'manual', source: 'p. 9' };
    const { sheet, faults } = readSheet(asSent({ layout, firing, fuel: 'peat' }));
    expect(sheet).toBeNull();
    const sentences = faults.map((f) => `${f.at}: ${f.says}`);
    expect(sentences).toEqual(
      expect.arrayContaining([
        'name: is missing',
        'fuel: must be one of: diesel, petrol, gas',
        'firing.order[3]: The firing order repeats cylinder 4.',
        'firing.order: The firing order misses cylinder 2.',
      ]),
    );
  });

  it('is not blamed for what stands in for what is missing', () => {
    const { faults } = readSheet(
      asSent({ layout, rotation: { ...rotation, seenFrom: 'propeller' } }),
    );
    expect(faults.map((f) => f.at)).not.toContain('rotation.seenFrom');
    const ends = {
      layout,
      cylinder1End,
      otherEnd,
      rotation: { ...rotation, seenFrom: 'propeller' },
    };
    expect(readSheet(asSent(ends)).faults.map((f) => f.at)).toContain('rotation.seenFrom');
  });

  it('counts places as the whole does, though an unfinished entry before them was passed over', () => {
    const [head] = tolvane44.fastenedSets ?? [];
    const [cycle] = head?.programme?.cycles ?? [];
    const [stage] = cycle?.stages ?? [];
    const { name: _name, ...nameless } = tolvane44;
    const document = {
      ...nameless,
      fastenedSets: [
        { id: 'begun' },
        {
          ...head,
          programme: {
            ...head?.programme,
            cycles: [{ id: '1', stages: [{ id: 'empty' }, { ...stage, order: ['h1', 'h1'] }] }],
          },
        },
      ],
    };
    expect(readSheet(asSent(document)).faults.map((f) => `${f.at}: ${f.says}`)).toContain(
      'fastenedSets[1].programme.cycles[0].stages[1].order: The order names 1 more than once.',
    );
  });

  it('says nothing of bolts that an unfinished one might yet be', () => {
    const [head] = tolvane44.fastenedSets ?? [];
    const fasteners = head?.fasteners.map((f, place) => (place === 0 ? { id: f.id } : f));
    const { faults } = readSheet(asSent({ ...tolvane44, fastenedSets: [{ ...head, fasteners }] }));
    expect(faults.some((f) => f.says.includes('no fastener'))).toBe(false);
  });
});
