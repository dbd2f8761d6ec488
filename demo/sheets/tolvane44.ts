import type { EngineSheet, Valve, ValveKind } from '@cardinex/core/sheet/engineSheet';
import type { Figure } from '@cardinex/core/quantity/figure';
import type { Fastener } from '@cardinex/core/tightening/programme';

const MANUAL = 'Tolvane 44 workshop book, rev. C';

function printed<U extends string>(text: string, value: number, unit: U, page: number): Figure<U> {
  return { text, value, unit, from: 'manual', source: `${MANUAL}, p. ${page}` };
}

const mm = (value: number, page: number): Figure<'mm'> =>
  printed(`${value.toFixed(2)} mm`, value, 'mm', page);
const nm = (value: number, page: number): Figure<'N·m'> =>
  printed(`${value} N·m`, value, 'N·m', page);

/** Bolts by printed number, column by column: four bores 125 mm apart, bolts between and outside them. */
const HEAD_ROWS = [
  { yMm: 30, numbers: [8, 4, 1, 5, 9] },
  { yMm: 220, numbers: [7, 3, 2, 6, 10] },
];

const headBolts: Fastener[] = HEAD_ROWS.flatMap(({ yMm, numbers }) =>
  numbers.map((number, column) => ({
    id: `h${number}`,
    number: String(number),
    xMm: 30 + column * 125,
    yMm,
  })),
);

const middleOutwards = Array.from({ length: 10 }, (_, place) => `h${place + 1}`);

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
  id: 'tolvane-44',
  revision: 3,
  name: 'Tolvane 44',
  description: 'Four-cylinder tractor diesel, push rods, wet liners',
  manual: MANUAL,
  cylinders: 4,
  boreMm: 105,
  strokeMm: 127,
  strokes: 4,
  cylinder1End: 'fan',
  otherEnd: 'flywheel',
  rotation: { direction: 'clockwise', seenFrom: 'fan' },
  firingOrder: [1, 3, 4, 2],
  ringGearTeeth: 132,
  liners: {
    low: mm(0.05, 22),
    high: mm(0.12, 22),
    adjacent: mm(0.03, 22),
    tilt: mm(0.03, 22),
    rise: 'up',
    places: ['fan side', 'flywheel side', 'pump side', 'manifold'],
  },
  fastenedSets: [
    {
      id: 'head',
      name: 'Head bolts',
      instances: ['1'],
      widthMm: 560,
      heightMm: 250,
      bores: [1, 2, 3, 4].map((cylinder) => ({ cylinder, xMm: cylinder * 125 - 32.5, yMm: 125 })),
      boreMm: 105,
      fasteners: headBolts,
      thread: 'M12 × 1.75 × 118',
      spanner: '19 mm across flats',
      treatment: 'Engine oil on thread and under head',
      programme: {
        id: 'main',
        stages: [
          { id: 's1', order: middleOutwards, torque: nm(45, 41) },
          { id: 's2', order: middleOutwards, torque: nm(85, 41) },
          { id: 's3', order: middleOutwards, torque: nm(115, 41) },
        ],
      },
    },
  ],
  overhead: {
    valves,
    screw: { at: 'pushrod', pitchMm: 1, rockerRatio: 1.5, inCloses: true },
    leafBetween: 'rocker pad and valve stem',
    camEvents: {
      strokes: 4,
      ivoBtdcDeg: 12,
      ivcAbdcDeg: 44,
      evoBbdcDeg: 48,
      evcAtdcDeg: 14,
      from: 'manual',
      source: `${MANUAL}, p. 12`,
    },
    clearances: {
      intake: { hot: { figure: mm(0.3, 46), low: mm(0.28, 46), high: mm(0.33, 46) } },
      exhaust: { hot: { figure: mm(0.4, 46), low: mm(0.38, 46), high: mm(0.43, 46) } },
    },
    bookTable: {
      source: `${MANUAL}, p. 47`,
      positions: [
        { says: 'No. 1 at firing top: valves 1, 2, 3, 5', atDeg: 0, set: ['E1', 'I1', 'I2', 'E3'] },
        {
          says: 'No. 4 at firing top: valves 4, 6, 7, 8',
          atDeg: 360,
          set: ['E2', 'I3', 'I4', 'E4'],
        },
      ],
    },
  },
};
