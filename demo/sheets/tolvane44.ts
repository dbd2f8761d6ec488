import { SHEET_FORMAT, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { FastenedSet, SheetFastener } from '@cardinex/core/sheet/spec/fastening';
import type { Valve, ValveKind } from '@cardinex/core/sheet/spec/overhead';
import { boresInRow } from './maps';
import { tolvane44Assembly } from './assemblies/tolvane44';
import { Book } from './printed';

const book = new Book('Tolvane 44 workshop book, rev. C');

const BORES = { xMm: 92.5, yMm: 125, pitchMm: 125, diaMm: 105 };

/** Bolts by printed number, column by column: four bores 125 mm apart, bolts between and outside them. */
const HEAD_ROWS = [
  { yMm: 30, numbers: [8, 4, 1, 5, 9] },
  { yMm: 220, numbers: [7, 3, 2, 6, 10] },
];

const headBolts: SheetFastener[] = HEAD_ROWS.flatMap(({ yMm, numbers }) =>
  numbers.map((number, column) => ({
    id: `h${number}`,
    number: String(number),
    xMm: 30 + column * 125,
    yMm,
  })),
);

const middleOutwards = Array.from({ length: 10 }, (_, place) => `h${place + 1}`);

const head: FastenedSet = {
  id: 'head',
  name: 'Head bolts',
  kind: 'head',
  instances: ['1'],
  clamps: ['head'],
  map: {
    widthMm: 560,
    heightMm: 250,
    seenFrom: 'from above',
    bores: boresInRow([1, 2, 3, 4], BORES),
  },
  groups: [
    {
      id: 'all',
      name: 'Head bolts',
      sort: 'bolt',
      thread: 'M12 × 1.75',
      length: { ...book.mm(118, 40, 0) },
      spanner: '19 mm across flats',
      grade: '10.9',
      uses: { most: 3 },
      stretch: false,
      stretchLimit: book.mm(118.6, 40, 1),
      washer: 'Hardened washer, chamfer up',
      hole: 'blind',
      treatment: { kind: 'oil', ...book.says('Engine oil on thread and under head', 40) },
    },
  ],
  fasteners: headBolts,
  programme: {
    id: 'main',
    cycles: [
      {
        id: '1',
        stages: [45, 85, 115].map((value, place) => ({
          id: `s${place + 1}`,
          kind: 'torque' as const,
          order: middleOutwards,
          values: [{ value: { figure: book.nm(value, 41) } }],
        })),
      },
    ],
    ...book.on(41),
  },
  afterwards: [
    {
      about: 'after-heat',
      demand: 'do',
      time: book.hours(4, 42),
      method: 'ease-and-pull-one-by-one',
      ...book.says(
        'Run to working heat, let it cool four hours, then ease each bolt a quarter turn in the same order and pull it to the last value again.',
        42,
      ),
    },
  ],
};

/** Five main caps of two bolts, seen from below, cylinder 1 at the left. */
const mainCaps: FastenedSet = {
  id: 'main-caps',
  name: 'Main cap bolts',
  kind: 'main-caps',
  instances: ['1'],
  map: { widthMm: 560, heightMm: 170, seenFrom: 'from below' },
  groups: [
    {
      id: 'all',
      name: 'Main cap bolts',
      sort: 'bolt',
      thread: 'M14 × 1.5',
      length: book.mm(92, 31, 0),
      spanner: '22 mm across flats',
      uses: 'until-limit',
      stretch: false,
      stretchLimit: book.mm(92.5, 31, 1),
      hole: 'blind',
      treatment: { kind: 'oil', ...book.says('Engine oil on thread and under head', 31) },
    },
  ],
  fasteners: [0, 1, 2, 3, 4].flatMap((cap) =>
    [30, 140].map((yMm, side) => ({
      id: `m${cap * 2 + side + 1}`,
      number: String(cap * 2 + side + 1),
      xMm: 30 + cap * 125,
      yMm,
      clamps: [`main-cap/${cap + 1}`],
    })),
  ),
  programme: {
    id: 'main',
    cycles: [
      {
        id: '1',
        stages: [60, 140].map((value, place) => ({
          id: `s${place + 1}`,
          kind: 'torque' as const,
          order: [5, 6, 3, 4, 7, 8, 1, 2, 9, 10].map((n) => `m${n}`),
          values: [{ value: { figure: book.nm(value, 32) } }],
        })),
      },
    ],
    ...book.on(32),
  },
};

/** Two bolts a rod, four rods. */
const rodCaps: FastenedSet = {
  id: 'rod-caps',
  name: 'Rod cap bolts',
  kind: 'rod-caps',
  instances: ['1', '2', '3', '4'],
  clamps: ['rod-and-piston'],
  map: { widthMm: 160, heightMm: 90, seenFrom: 'from below' },
  groups: [
    {
      id: 'all',
      name: 'Rod cap bolts',
      sort: 'bolt',
      thread: 'M11 × 1.25',
      length: book.mm(66, 35, 0),
      spanner: '16 mm across flats',
      uses: 'one',
      stretch: false,
      hole: 'through',
      treatment: { kind: 'oil', ...book.says('Engine oil on the thread', 35) },
    },
  ],
  fasteners: [
    { id: 'r1', number: '1', xMm: 30, yMm: 45 },
    { id: 'r2', number: '2', xMm: 130, yMm: 45 },
  ],
  programme: {
    id: 'main',
    cycles: [
      {
        id: '1',
        stages: [
          {
            id: 's1',
            kind: 'torque',
            order: ['r1', 'r2'],
            values: [{ value: { figure: book.nm(35, 35) } }],
          },
          {
            id: 's2',
            kind: 'torque',
            order: ['r1', 'r2'],
            values: [{ value: { figure: book.nm(75, 35) } }],
          },
          { id: 'turn', kind: 'turn-crank', says: 'Two turns by hand: it turns freely.' },
        ],
      },
    ],
    ...book.on(35),
  },
};

/** Exhaust and inlet as they stand along the head from the fan. */
const ALONG_HEAD: [ValveKind, number][] = [
  ['exhaust', 1],
  ['intake', 1],
  ['intake', 2],
  ['exhaust', 2],
  ['exhaust', 3],
  ['intake', 3],
  ['intake', 4],
  ['exhaust', 4],
];

const valves: Valve[] = ALONG_HEAD.map(([kind, cylinder], place) => ({
  id: `${kind === 'exhaust' ? 'E' : 'I'}${cylinder}`,
  cylinder,
  kind,
  alongHead: place + 1,
}));

/** A four-cylinder tractor diesel: wet liners proud and ascending, push rods, hot-only gaps. Made up. */
export const tolvane44: EngineSheet = {
  format: SHEET_FORMAT,
  id: 'tolvane-44',
  revision: 3,
  note: 'Tilt limit of the liners added from the book, p. 22.',
  name: 'Tolvane 44',
  description: 'Four-cylinder tractor diesel, push rods, wet liners',
  manual: book.title,
  service: 'vehicle',
  fuel: 'diesel',
  strokes: 4,
  layout: { form: 'in-line', banks: [{ id: 'a', name: 'in line', cylinders: [1, 2, 3, 4] }] },
  cylinder1End: 'fan',
  otherEnd: 'flywheel',
  bore: book.mm(105, 8, 0),
  stroke: book.mm(127, 8, 0),
  naming: {
    cylinders: 'From the fan.',
    valves: 'Along the head from the fan, 1 to 8.',
    sides: [
      { name: 'pump side', says: 'The injection pump is on it.' },
      { name: 'manifold side', says: 'Both manifolds are on it.' },
    ],
  },
  rotation: { direction: 'clockwise', seenFrom: 'fan', ...book.on(9) },
  firing: { order: [1, 3, 4, 2], ...book.on(9) },
  crank: {
    ringGearTeeth: 132,
    rimDiameter: book.mm(390, 12, 0),
    marks: [
      { says: 'Notch in the pulley: cylinders 1 and 4 at the top', atDeg: 0, ...book.on(12) },
    ],
    barredBy: 'A bar in the ring gear, through the window in the flywheel housing.',
  },
  liners: {
    school: 'proud',
    low: book.mm(0.05, 22),
    high: book.mm(0.12, 22),
    adjacent: book.mm(0.03, 22),
    tilt: book.mm(0.03, 22),
    rise: 'up',
    readWhile: 'held-down',
    places: ['fan side', 'flywheel side', 'pump side', 'manifold'],
    seals: { each: 2, ...book.says('Two rings a liner, soap on the rings, never oil.', 23) },
    clamp: book.says('Two washers and head bolts to each liner before the crank is turned.', 21),
  },
  bores: {
    wear: book.mm(0.15, 24),
    taper: book.mm(0.06, 24),
    ovality: book.mm(0.05, 24),
    honing: book.says('Liners are renewed, not bored.', 24),
  },
  journals: [
    {
      id: 'mains',
      name: 'Main',
      count: 5,
      thrust: 3,
      standard: book.between(74.96, 74.98, 30),
      undersizes: [book.mm(0.25, 30), book.mm(0.5, 30)],
      minimum: book.mm(74.4, 30),
      ovality: book.mm(0.03, 30),
      clearance: book.between(0.05, 0.11, 30),
      endFloat: book.between(0.1, 0.35, 30),
    },
    {
      id: 'big-ends',
      name: 'Big end',
      count: 4,
      standard: book.between(63.96, 63.98, 30),
      undersizes: [book.mm(0.25, 30), book.mm(0.5, 30)],
      minimum: book.mm(63.4, 30),
      clearance: book.between(0.04, 0.1, 30),
    },
  ],
  pistons: {
    rings: [
      {
        id: 'top',
        name: 'Top ring',
        kind: 'compression',
        gap: book.between(0.35, 0.6, 34),
        sideClearance: book.between(0.08, 0.15, 34),
        fileable: true,
        upperFace: 'Dot beside the gap',
      },
      {
        id: 'second',
        name: 'Second ring',
        kind: 'compression',
        gap: book.between(0.35, 0.6, 34),
        sideClearance: book.between(0.06, 0.12, 34),
        fileable: true,
        upperFace: 'Dot beside the gap',
      },
      {
        id: 'oil',
        name: 'Oil ring',
        kind: 'oil',
        gap: book.between(0.3, 0.55, 34),
        fileable: false,
      },
      { id: 'spring', name: 'Spring of the oil ring', kind: 'expander', fileable: false },
    ],
    stagger: {
      rule: 'even',
      keepClearDeg: 20,
      ...book.says('Gaps a third of a turn apart, clear of the pin and the thrust side.', 34),
    },
    massSpread: book.grams(8, 33),
    rodSideFloat: book.between(0.15, 0.4, 33),
    pin: { fit: 'free', ...book.says('Free fit; circlips seated all round.', 33) },
    route: 'into-block',
    standOut: book.between(0.35, 0.65, 36),
    rodLength: book.mm(216, 33, 0),
    orientation: {
      crown: { mark: 'Arrow', towards: 'fan' },
      rod: { mark: 'Number', towards: 'thrust' },
      ...book.on(33),
    },
    bowl: book.cc(57, 33),
  },
  head: {
    camInHead: false,
    chamber: book.cc(4, 27),
    flatness: book.mm(0.1, 38),
    standardThickness: book.mm(92, 38, 1),
    repairThickness: book.mm(91.4, 38, 1),
    cutAllowance: book.mm(0.1, 38),
    cut: {
      allowed: true,
      ...book.says('May be faced while it stays above the repair thickness.', 38),
    },
  },
  gasket: {
    grades: [
      { mark: 'one hole', upTo: book.mm(0.48, 37), thickness: book.mm(1.2, 37) },
      {
        mark: 'two holes',
        over: book.mm(0.48, 37),
        upTo: book.mm(0.56, 37),
        thickness: book.mm(1.3, 37),
      },
      {
        mark: 'three holes',
        over: book.mm(0.56, 37),
        upTo: book.mm(0.65, 37),
        thickness: book.mm(1.4, 37),
      },
    ],
    rule: 'highest',
    minClearance: book.mm(0.7, 37),
    hole: book.mm(107, 37, 0),
    lies: book.says('Crimped side to the head, tongue at the fan.', 39),
    dressing: book.says('Dry.', 39),
  },
  fastenedSets: [head, mainCaps, rodCaps],
  overhead: {
    gear: 'push-rod',
    actsOn: 'valve',
    adjust: 'screw',
    tappets: 'flat',
    valves,
    screw: { at: 'pushrod', pitchMm: 1, rockerRatio: 1.5, inCloses: true },
    lockNut: { figure: book.nm(25, 46) },
    leafBetween: 'rocker pad and valve stem',
    feel: 'light-drag',
    camEvents: {
      strokes: 4,
      ivoBtdcDeg: 12,
      ivcAbdcDeg: 44,
      evoBbdcDeg: 48,
      evcAtdcDeg: 14,
      ...book.on(12),
    },
    clearances: {
      intake: { hot: book.gap(0.3, 0.28, 0.33, 46) },
      exhaust: { hot: book.gap(0.4, 0.38, 0.43, 46) },
    },
    bookTable: {
      source: book.on(47).source,
      positions: [
        { says: 'No. 1 at firing top: valves 1, 2, 3, 5', atDeg: 0, set: ['E1', 'I1', 'I2', 'E3'] },
        {
          says: 'No. 4 at firing top: valves 4, 6, 7, 8',
          atDeg: 360,
          set: ['E2', 'I3', 'I4', 'E4'],
        },
      ],
    },
    injectors: { kind: 'pump-line-nozzle' },
  },
  assembly: tolvane44Assembly(book),
  renew: [
    { part: 'Head gasket', when: 'by-measurement', count: 1, fits: 'head', ...book.on(39) },
    { part: 'Rod cap bolts', when: 'always', fits: 'rod-caps', ...book.on(35) },
    { part: 'Liner seals', when: 'always', count: 8, fits: 'liners', ...book.on(23) },
    { part: 'Head bolts', when: 'if-worn', count: 10, fits: 'head', ...book.on(40) },
    {
      part: 'Liner, piston and rings',
      when: 'matched-set',
      members: ['liner', 'piston', 'rings'],
      ...book.on(24),
    },
  ],
  timing: {
    drive: 'gears',
    marks: [
      'One dot of the crank gear between two of the idler',
      'One dot of the cam gear on one of the idler',
    ],
    pump: 'Mark on its flange to the mark on the plate, cylinder 1 at its firing stroke.',
    pumpBeforeTop: book.deg(18, 48),
    wheels: [
      { id: 'crank', name: 'Crank', teeth: 28, xMm: 0, yMm: 0 },
      { id: 'idler', name: 'Idler', teeth: 45, xMm: -62, yMm: 132 },
      { id: 'cam', name: 'Camshaft', teeth: 56, xMm: 118, yMm: 222 },
      { id: 'pump', name: 'Pump', teeth: 56, xMm: -240, yMm: 230 },
    ],
    seenFrom: 'fan',
    markPlaces: [
      { mark: 1, wheel: 'crank', meets: 'idler' },
      { mark: 2, wheel: 'cam', meets: 'idler' },
    ],
    ...book.on(48),
  },
  fills: [
    {
      what: 'Engine oil',
      amount: { low: book.litres(9, 60), high: book.litres(10, 60) },
      grade: '15W-40',
    },
    {
      what: 'Coolant',
      amount: { figure: book.litres(14, 60) },
      grade: 'Half water, half frost protection with inhibitor',
    },
  ],
  stopping: [book.says('Stop lever on the pump held over.', 61)],
};
