import { SHEET_FORMAT, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { mapFromRows } from '@cardinex/core/sheet/makeMap';
import type { FastenedSet, SheetFastener } from '@cardinex/core/sheet/spec/fastening';
import { boresInRow, outwards, rowByRow } from './maps';
import { castryV8Assembly } from './assemblies/castryV8';
import { Book } from './printed';

const book = new Book('Castry V8-M workshop notes, 2nd printing');

const grid = mapFromRows({ rows: 3, columns: 5, alongMm: 112, acrossMm: 80 });
const studs: SheetFastener[] = grid.fasteners.map((stud) => ({
  ...stud,
  group: stud.yMm === 30 ? 'wet' : 'dry',
}));
const rows = rowByRow(studs);
const spiral = outwards(studs);

const head: FastenedSet = {
  id: 'head',
  name: 'Head studs',
  kind: 'head',
  instances: ['port', 'starboard'],
  clamps: ['head'],
  map: {
    ...grid.map,
    seenFrom: 'square on the head, valley side below',
    bores: boresInRow([1, 2, 3, 4], { xMm: 86, yMm: 110, pitchMm: 112, diaMm: 104 }),
  },
  groups: [
    {
      id: 'wet',
      name: 'Outer row, into coolant',
      sort: 'stud',
      thread: 'M11 × 1.5',
      length: book.mm(112, 30, 0),
      spanner: '17 mm across flats',
      uses: 'until-limit',
      stretch: false,
      washer: 'Hardened washer, radius down',
      hole: 'coolant',
      treatment: {
        kind: 'sealant',
        ...book.says('Stud thread into the block sealed; nut end oiled', 30),
      },
    },
    {
      id: 'dry',
      name: 'Middle and valley rows',
      sort: 'stud',
      thread: 'M11 × 1.5',
      length: book.mm(138, 30, 0),
      spanner: '17 mm across flats',
      uses: 'until-limit',
      stretch: false,
      washer: 'Hardened washer, radius down',
      hole: 'blind',
      treatment: { kind: 'oil', ...book.says('Engine oil on the nut end and under the nut', 30) },
    },
  ],
  fasteners: studs,
  programme: {
    id: 'main',
    cycles: [
      {
        id: '1',
        stages: [
          {
            id: 'low',
            kind: 'torque',
            order: rows,
            values: [{ value: { figure: book.nm(35, 31) } }],
          },
          {
            id: 'middle',
            kind: 'torque',
            order: rows,
            values: [{ value: { figure: book.nm(65, 31) } }],
          },
          {
            id: 'last',
            kind: 'torque',
            order: spiral,
            values: [{ value: { figure: book.nm(90, 31) } }],
          },
          {
            id: 'settle',
            kind: 'wait',
            says: 'Let the gasket settle.',
            time: book.minutes(15, 31),
          },
          {
            id: 'check',
            kind: 'check',
            order: spiral,
            values: [{ value: { figure: book.nm(90, 31) } }],
          },
        ],
      },
    ],
    ...book.on(31),
  },
  afterwards: [
    {
      about: 'settle-and-check',
      demand: 'do',
      time: book.minutes(15, 31),
      method: 'check-only',
      ...book.says(
        'After a quarter of an hour each nut is pulled to the last value once more.',
        31,
      ),
    },
  ],
};

const PORT = [1, 2, 3, 4];
const STARBOARD = [5, 6, 7, 8];

/** A marine petrol V8 with hydraulic roller tappets. Made up. */
const MANIFOLD = mapFromRows({ rows: 2, columns: 6, alongMm: 95, acrossMm: 180 });

export const castryV8: EngineSheet = {
  format: SHEET_FORMAT,
  id: 'castry-v8m',
  revision: 1,
  name: 'Castry V8-M',
  description: 'Marine petrol V8, hydraulic roller tappets',
  manual: book.title,
  service: 'marine',
  fuel: 'petrol',
  strokes: 4,
  layout: {
    form: 'v',
    banks: [
      { id: 'port', name: 'port', cylinders: PORT },
      { id: 'starboard', name: 'starboard', cylinders: STARBOARD },
    ],
    angle: book.deg(90, 3),
  },
  cylinder1End: 'pulley',
  otherEnd: 'flywheel',
  bore: book.mm(104, 3, 0),
  stroke: book.mm(92, 3, 0),
  naming: {
    cylinders: 'Port bank 1 to 4 from the pulley, starboard bank 5 to 8.',
    valves: 'By cylinder and kind.',
    sides: [
      { name: 'port', says: 'Left, looking from the flywheel towards the pulley.' },
      { name: 'starboard', says: 'Right, looking from the flywheel towards the pulley.' },
    ],
  },
  rotation: { direction: 'anticlockwise', seenFrom: 'flywheel', ...book.on(4) },
  firing: { order: [1, 6, 2, 5, 8, 3, 7, 4], ...book.on(4) },
  crank: {
    ringGearTeeth: 153,
    rimDiameter: book.mm(178, 5, 0),
    marks: [
      { says: 'Line on the damper at the pointer: cylinder 1 at the top', atDeg: 0, ...book.on(5) },
    ],
    barredBy: 'A spanner on the damper bolt, plugs out.',
  },
  liners: { school: 'none', ...book.on(12) },
  bores: {
    wear: book.mm(0.1, 12),
    taper: book.mm(0.04, 12),
    ovality: book.mm(0.03, 12),
    oversizes: [book.mm(0.25, 12), book.mm(0.5, 12), book.mm(0.75, 12)],
    honing: book.says('Honed with a deck plate pulled down.', 12),
  },
  journals: [
    {
      id: 'mains',
      name: 'Main',
      count: 5,
      standard: book.between(67.98, 68, 16),
      undersizes: [book.mm(0.25, 16), book.mm(0.5, 16)],
      clearance: book.between(0.03, 0.07, 16),
      endFloat: book.between(0.08, 0.25, 16),
    },
    {
      id: 'big-ends',
      name: 'Big end',
      count: 4,
      standard: book.between(53.98, 54, 16),
      undersizes: [book.mm(0.25, 16), book.mm(0.5, 16)],
      clearance: book.between(0.03, 0.07, 16),
    },
  ],
  pistons: {
    rings: [
      {
        id: 'top',
        name: 'Top ring',
        kind: 'compression',
        gap: book.between(0.4, 0.6, 19),
        fileable: true,
      },
      {
        id: 'second',
        name: 'Second ring',
        kind: 'compression',
        gap: book.between(0.45, 0.65, 19),
        fileable: true,
      },
      {
        id: 'oil',
        name: 'Oil ring',
        kind: 'oil',
        gap: book.between(0.4, 1.2, 19),
        fileable: false,
      },
      { id: 'expander', name: 'Expander', kind: 'expander', fileable: false },
    ],
    stagger: {
      rule: 'even',
      keepClearDeg: 20,
      ...book.says('Evenly spread, clear of pin and thrust side.', 19),
    },
    massSpread: book.grams(4, 18),
    pin: {
      fit: 'pressed-rod-heated',
      heat: {
        interference: book.mm(0.03, 18, 3),
        clearance: book.mm(0.02, 18, 3),
        diameter: book.mm(23.5, 18, 1),
        most: book.celsius(260, 18),
      },
      ...book.says('Pressed: the rod’s small end warmed on a plate.', 18),
    },
    route: 'into-block',
    rodLength: book.mm(152, 18, 0),
  },
  head: {
    camInHead: false,
    flatness: book.mm(0.08, 27),
    standardThickness: book.mm(104.5, 27, 1),
    repairThickness: book.mm(104, 27, 1),
    cut: { allowed: true, ...book.says('A light cut, the same on both heads.', 27) },
  },
  gasket: {
    lies: book.says('“FRONT” at the pulley on both banks.', 29),
    dressing: book.says('Dry; composition gasket, not pre-coated.', 29),
  },
  fastenedSets: [
    head,
    {
      id: 'manifold',
      name: 'Inlet manifold bolts',
      kind: 'manifold',
      instances: ['1'],
      clamps: ['inlet-manifold'],
      map: { ...MANIFOLD.map, seenFrom: 'from above' },
      groups: [
        {
          id: 'all',
          name: 'Inlet manifold bolts',
          sort: 'bolt',
          thread: 'M8 × 1.25',
          spanner: '13 mm across flats',
          uses: 'until-limit',
          stretch: false,
          treatment: { kind: 'oil', ...book.says('Engine oil', 44) },
        },
      ],
      fasteners: MANIFOLD.fasteners,
      programme: {
        id: 'main',
        cycles: [
          {
            id: '1',
            stages: [12, 24].map((value, place) => ({
              id: `s${place + 1}`,
              kind: 'torque' as const,
              order: outwards(MANIFOLD.fasteners),
              // Run down from both sides at once; the last pull goes from the middle outwards.
              ...(place === 0 && {
                farSide: MANIFOLD.fasteners.filter(({ yMm }) => yMm > 100).map(({ id }) => id),
              }),
              values: [{ value: { figure: book.nm(value, 44) } }],
            })),
          },
        ],
        ...book.on(44),
      },
      twoPeople: book.says('Run down by one on each side, a row each.', 44),
    },
  ],
  overhead: {
    gear: 'push-rod',
    actsOn: 'valve',
    adjust: 'hydraulic',
    tappets: 'roller',
    valves: [...PORT, ...STARBOARD].flatMap((cylinder) => [
      { id: `I${cylinder}`, cylinder, kind: 'intake' as const },
      { id: `E${cylinder}`, cylinder, kind: 'exhaust' as const },
    ]),
    screw: { at: 'pivot', pitchMm: 1.25, rockerRatio: 1.6, inCloses: true },
    camEvents: {
      strokes: 4,
      ivoBtdcDeg: 26,
      ivcAbdcDeg: 62,
      evoBbdcDeg: 66,
      evcAtdcDeg: 22,
      ...book.on(36),
    },
    hydraulic: {
      preload: book.turns('1/2 turn', 0.5, 37),
      zeroLash: book.says(
        'Move the push rod up and down while the nut goes down: zero is where the play ends. Spinning it tells too late.',
        37,
      ),
      wait: book.minutes(30, 37),
      plungerTravel: book.mm(4, 37, 1),
    },
  },
  assembly: castryV8Assembly(book),
  renew: [
    { part: 'Head gaskets', when: 'always', count: 2, fits: 'head', ...book.on(29) },
    {
      part: 'Roller tappets with their bores',
      when: 'matched-set',
      members: ['tappet'],
      ...book.on(35),
    },
  ],
  timing: {
    drive: 'chain',
    marks: ['Dot of the crank sprocket up, dot of the cam sprocket down, on one line'],
    wheels: [
      { id: 'crank', name: 'Crank', teeth: 22, xMm: 0, yMm: 0 },
      { id: 'cam', name: 'Camshaft', teeth: 44, xMm: 0, yMm: 118 },
    ],
    seenFrom: 'pulley',
    links: 64,
    markPlaces: [
      { mark: 1, wheel: 'crank', atDeg: 0 },
      { mark: 1, wheel: 'cam', atDeg: 180 },
    ],
    ...book.on(38),
  },
  fills: [{ what: 'Engine oil', amount: { figure: book.litres(5.5, 50) }, grade: '10W-40 marine' }],
  stopping: [book.says('Kill cord out.', 51)],
};
