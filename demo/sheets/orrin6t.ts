import { SHEET_FORMAT, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { FastenedSet, SheetFastener } from '@cardinex/core/sheet/spec/fastening';
import { mapFromRows } from '@cardinex/core/sheet/makeMap';
import { boresInRow, outwards } from './maps';
import { orrin6tAssembly } from './assemblies/orrin6t';
import { Book } from './printed';

const book = new Book('Orrin 6T service manual, issue 5');
const CYLINDERS = [1, 2, 3, 4, 5, 6];

/** Bolts in two rows of seven outside the bores and one row of six beside the injectors. */
const outer = mapFromRows({ rows: 2, columns: 7, alongMm: 138, acrossMm: 230 });
const headBolts: SheetFastener[] = [
  ...outer.fasteners.map((bolt) => ({ ...bolt, group: 'long' })),
  ...CYLINDERS.map((cylinder, place) => ({
    id: `f${15 + place}`,
    number: String(14 + cylinder),
    xMm: 99 + place * 138,
    yMm: 55,
    group: 'short',
  })),
];
const headOrder = outwards(headBolts);

const head: FastenedSet = {
  id: 'head',
  name: 'Head bolts',
  kind: 'head',
  instances: ['1'],
  clamps: ['head'],
  map: {
    ...outer.map,
    seenFrom: 'from above',
    bores: boresInRow(CYLINDERS, { xMm: 99, yMm: 145, pitchMm: 138, diaMm: 112 }),
  },
  groups: [
    {
      id: 'long',
      name: 'Long bolts',
      sort: 'bolt',
      thread: 'M15 × 2',
      length: book.mm(188, 72, 0),
      spanner: '24 mm across flats',
      grade: '12.9',
      uses: { most: 2 },
      stretch: true,
      stretchLimit: book.mm(189.4, 72, 1),
      washer: 'None; the flange bears on the head',
      hole: 'blind',
      treatment: { kind: 'oil', ...book.says('Engine oil on thread and under the flange', 72) },
    },
    {
      id: 'short',
      name: 'Short bolts',
      sort: 'bolt',
      thread: 'M10 × 1.5',
      length: book.mm(96, 72, 0),
      spanner: '15 mm across flats',
      uses: 'until-limit',
      stretch: false,
      hole: 'oil',
      treatment: { kind: 'sealant', ...book.says('Thread sealant: the holes break into oil', 72) },
    },
  ],
  fasteners: headBolts,
  programme: {
    id: 'main',
    cycles: [
      {
        id: '1',
        stages: [
          {
            id: 'snug',
            kind: 'torque',
            order: headOrder,
            values: [
              { group: 'long', value: { figure: book.nm(90, 73) } },
              { group: 'short', value: { figure: book.nm(40, 73) } },
            ],
          },
          {
            id: 'turn-1',
            kind: 'angle',
            order: headOrder,
            values: [
              { group: 'long', value: { figure: book.deg(90, 73) } },
              { group: 'short', value: { figure: book.deg(60, 73) } },
            ],
          },
          {
            id: 'turn-2',
            kind: 'angle',
            order: headOrder.filter((id) => headBolts.find((b) => b.id === id)?.group === 'long'),
            leaveOut: headBolts.filter((b) => b.group === 'short').map((b) => b.id),
            values: [{ value: { figure: book.deg(90, 73) } }],
          },
        ],
      },
    ],
    ...book.on(73),
  },
  afterwards: [
    {
      about: 'settle-and-check',
      demand: 'never',
      ...book.says('The long bolts are not pulled again once turned.', 73),
    },
  ],
};

const rockers = mapFromRows({ rows: 2, columns: 6, alongMm: 138, acrossMm: 90 });

/** A six-cylinder plant diesel: four valves with bridges, recessed liners, engine brake. Made up. */
export const orrin6t: EngineSheet = {
  format: SHEET_FORMAT,
  id: 'orrin-6t',
  revision: 2,
  note: 'Brake gap corrected from issue 5.',
  name: 'Orrin 6T',
  description: 'Six-cylinder plant diesel, four valves with bridges, engine brake',
  manual: book.title,
  service: 'plant',
  fuel: 'diesel',
  strokes: 4,
  layout: { form: 'in-line', banks: [{ id: 'a', name: 'in line', cylinders: CYLINDERS }] },
  cylinder1End: 'fan',
  otherEnd: 'flywheel',
  bore: book.mm(112, 10, 0),
  stroke: book.mm(140, 10, 0),
  naming: {
    cylinders: 'From the fan.',
    valves: 'By cylinder: two inlets under one bridge, two exhausts under the other.',
    sides: [
      { name: 'cold side', says: 'Inlet manifold and injector harness.' },
      { name: 'hot side', says: 'Turbocharger and exhaust manifold.' },
    ],
  },
  rotation: { direction: 'clockwise', seenFrom: 'fan', ...book.on(11) },
  firing: { order: [1, 5, 3, 6, 2, 4], ...book.on(11) },
  crank: {
    ringGearTeeth: 159,
    rimDiameter: book.mm(460, 14, 0),
    marks: [
      { says: 'Flywheel mark 1–6', atDeg: 0, ...book.on(14) },
      { says: 'Flywheel mark 2–5', atDeg: 120, ...book.on(14) },
      { says: 'Flywheel mark 3–4', atDeg: 240, ...book.on(14) },
    ],
    barredBy: 'The barring gear under the plate by the starter.',
  },
  liners: {
    school: 'recessed',
    low: book.mm(-0.12, 55),
    high: book.mm(-0.05, 55),
    adjacent: book.mm(0.04, 55),
    tilt: book.mm(0.03, 55),
    rise: 'none',
    places: ['fan side', 'flywheel side', 'cold side', 'hot side'],
    seals: {
      each: 3,
      ...book.says('Two black rings below, the brown one on top; assembly grease.', 56),
    },
    clamp: book.says('Liner clamps on every liner while the head is off.', 54),
  },
  bores: { wear: book.mm(0.12, 57), taper: book.mm(0.05, 57), ovality: book.mm(0.05, 57) },
  journals: [
    {
      id: 'mains',
      name: 'Main',
      count: 7,
      standard: book.between(89.98, 90, 60),
      undersizes: [book.mm(0.25, 60), book.mm(0.5, 60), book.mm(0.75, 60)],
      minimum: book.mm(89.2, 60),
      clearance: book.between(0.06, 0.13, 60),
      endFloat: book.between(0.12, 0.4, 60),
    },
    {
      id: 'big-ends',
      name: 'Big end',
      count: 6,
      standard: book.between(75.98, 76, 60),
      undersizes: [book.mm(0.25, 60), book.mm(0.5, 60)],
      clearance: book.between(0.05, 0.12, 60),
    },
  ],
  pistons: {
    rings: [
      {
        id: 'top',
        name: 'Top ring, keystone',
        kind: 'compression',
        gap: book.between(0.4, 0.65, 64),
        fileable: false,
        upperFace: '“TOP” towards the crown',
      },
      {
        id: 'second',
        name: 'Second ring',
        kind: 'compression',
        gap: book.between(0.9, 1.15, 64),
        sideClearance: book.between(0.06, 0.11, 64),
        fileable: false,
        upperFace: '“TOP” towards the crown',
      },
      {
        id: 'oil',
        name: 'Oil ring',
        kind: 'oil',
        gap: book.between(0.35, 0.6, 64),
        fileable: false,
      },
      { id: 'spring', name: 'Coil spring', kind: 'expander', fileable: false },
    ],
    stagger: {
      rule: 'even',
      keepClearDeg: 15,
      ...book.says('Three gaps evenly spread, none over the pin.', 64),
    },
    massSpread: book.grams(12, 63),
    pin: { fit: 'free', ...book.says('Free fit, circlips.', 63) },
    route: 'into-liner-on-bench',
    oilJets: book.says(
      'One jet a cylinder, aimed with the gauge rod at the mark in the skirt.',
      62,
    ),
    rodLength: book.mm(224, 63, 0),
  },
  head: {
    camInHead: false,
    flatness: book.mm(0.08, 70),
    standardThickness: book.mm(112, 70, 1),
    repairThickness: book.mm(111.5, 70, 1),
    cutAllowance: book.mm(0.1, 70),
    cut: { allowed: true, ...book.says('Once, to the repair thickness.', 70) },
  },
  gasket: {
    lies: book.says('Beads up, part number readable from the cold side.', 71),
    dressing: book.says('Dry. A crush ring stands on every liner.', 71),
  },
  fastenedSets: [
    head,
    {
      id: 'rockers',
      name: 'Rocker shaft bolts',
      kind: 'rockers',
      instances: ['1'],
      clamps: ['rocker-shaft'],
      springLoad: { down: book.mm(4, 80), step: book.mm(1, 80) },
      map: { ...rockers.map, seenFrom: 'from above' },
      groups: [
        {
          id: 'all',
          name: 'Rocker shaft bolts',
          sort: 'bolt',
          thread: 'M10 × 1.5',
          spanner: '15 mm across flats',
          uses: 'until-limit',
          stretch: false,
          treatment: { kind: 'oil', ...book.says('Engine oil', 80) },
        },
      ],
      fasteners: rockers.fasteners,
      programme: {
        id: 'main',
        cycles: [
          {
            id: '1',
            stages: [
              {
                id: 'down',
                kind: 'torque',
                order: outwards(rockers.fasteners),
                values: [{ value: { figure: book.nm(20, 80) } }],
              },
              {
                id: 'final',
                kind: 'torque',
                order: outwards(rockers.fasteners),
                values: [{ value: { low: book.nm(52, 80), high: book.nm(58, 80) } }],
              },
            ],
          },
        ],
        ...book.on(80),
      },
    },
    {
      id: 'injector-clamps',
      name: 'Injector clamp bolts',
      kind: 'injector-clamps',
      instances: ['1'],
      map: { widthMm: 890, heightMm: 80, seenFrom: 'from above' },
      groups: [
        {
          id: 'all',
          name: 'Injector clamp bolts',
          sort: 'bolt',
          thread: 'M8 × 1.25',
          spanner: '13 mm across flats',
          uses: 'one',
          stretch: false,
          treatment: { kind: 'dry', ...book.says('Dry and clean', 84) },
        },
      ],
      fasteners: CYLINDERS.map((cylinder, place) => ({
        id: `c${cylinder}`,
        number: String(cylinder),
        xMm: 99 + place * 138,
        yMm: 40,
        clamps: [`injector/${cylinder}`],
      })),
      programme: {
        id: 'main',
        cycles: [
          {
            id: '1',
            stages: [
              {
                id: 's1',
                kind: 'torque',
                order: CYLINDERS.map((cylinder) => `c${cylinder}`),
                values: [{ value: { figure: book.nm(28, 84) } }],
              },
            ],
          },
        ],
        ...book.on(84),
      },
    },
  ],
  overhead: {
    gear: 'push-rod',
    actsOn: 'bridge',
    adjust: 'screw',
    tappets: 'roller',
    valves: CYLINDERS.flatMap((cylinder) => [
      { id: `I${cylinder}`, cylinder, kind: 'intake' as const, alongHead: cylinder * 2 - 1 },
      { id: `E${cylinder}`, cylinder, kind: 'exhaust' as const, alongHead: cylinder * 2 },
    ]),
    screw: { at: 'pushrod', pitchMm: 1, rockerRatio: 1.6, inCloses: true },
    lockNut: { figure: book.nm(45, 86) },
    leafBetween: 'rocker pad and bridge',
    feel: 'light-drag',
    camEvents: {
      strokes: 4,
      ivoBtdcDeg: 18,
      ivcAbdcDeg: 34,
      evoBbdcDeg: 52,
      evcAtdcDeg: 16,
      ...book.on(15),
    },
    clearances: {
      intake: { cold: book.gap(0.35, 0.32, 0.38, 86) },
      exhaust: { cold: book.gap(0.6, 0.57, 0.63, 86) },
    },
    bookTable: {
      source: book.on(87).source,
      positions: [
        {
          says: 'Mark 1–6, cylinder 1 firing',
          atDeg: 0,
          set: ['I1', 'E1', 'I2', 'E3', 'I4', 'E5'],
        },
        {
          says: 'Mark 1–6, cylinder 6 firing',
          atDeg: 360,
          set: ['E2', 'I3', 'E4', 'I5', 'I6', 'E6'],
        },
      ],
    },
    bridges: {
      equalise: book.says(
        'Hold the bridge down over the fixed stem, screw in until the other stem is touched, lock while held.',
        85,
      ),
      guideClearance: { high: book.mm(0.12, 85) },
      twist: book.says(
        'Try each bridge for twist before and after the gap: one that turns has left a stem.',
        85,
      ),
      oil: book.says('Oil on the stems, none on the guide.', 85),
    },
    injectors: {
      kind: 'unit',
      setting: {
        method: 'height',
        gauge: book.mm(76.4, 88, 1),
        within: book.mm(0.1, 88, 1),
      },
      window: { as: 'exhaust' },
      codes: {
        letters: 6,
        of: 'ABCDEFGHJKLMNPRSTUVWXYZ23456789',
        ...book.says('Engraved on the solenoid, read from the cold side.', 89),
      },
    },
    brakes: {
      name: 'Brake slave',
      gap: book.gap(2.2, 2.1, 2.3, 90),
      window: { as: 'exhaust' },
      leafBetween: 'slave piston and bridge pin',
    },
  },
  assembly: orrin6tAssembly(book),
  renew: [
    { part: 'Head gasket and crush rings', when: 'always', fits: 'head', ...book.on(71) },
    { part: 'Injector clamp bolts and washers', when: 'always', ...book.on(84) },
    { part: 'Head bolts', when: 'if-worn', ...book.on(72) },
  ],
  timing: {
    drive: 'gears',
    marks: ['A of the crank wheel on A of the idler', 'B of the cam wheel on B of the idler'],
    wheels: [
      { id: 'crank', name: 'Crank', teeth: 32, xMm: 0, yMm: 0 },
      { id: 'idler', name: 'Idler', teeth: 48, xMm: 70, yMm: 144 },
      { id: 'cam', name: 'Camshaft', teeth: 64, xMm: -80, yMm: 311 },
    ],
    seenFrom: 'flywheel',
    markPlaces: [
      { mark: 1, wheel: 'crank', meets: 'idler' },
      { mark: 2, wheel: 'cam', meets: 'idler' },
    ],
    ...book.on(92),
  },
  fills: [
    { what: 'Engine oil', amount: { figure: book.litres(26, 98) }, grade: '10W-40 for plant' },
    {
      what: 'Coolant',
      amount: { figure: book.litres(34, 98) },
      grade: 'Ready mixed, with inhibitor',
    },
  ],
  stopping: [book.says('Key off; fuel shut-off lever below the filter.', 99)],
  variants: [
    {
      id: 'window',
      ask: 'Is there a round window in the valve cover?',
      options: [
        {
          id: 'without',
          name: 'Plain cover',
          seen: 'The valve cover is closed.',
          overrides: [],
        },
        {
          id: 'with',
          name: 'Window cover',
          seen: 'A round window of 60 mm in the valve cover.',
          overrides: [
            { at: '/overhead/clearances/exhaust/cold', to: book.gap(0.7, 0.67, 0.73, 101) },
            { at: '/overhead/brakes/gap', to: book.gap(2.5, 2.4, 2.6, 101) },
          ],
        },
      ],
    },
  ],
};
