import { SHEET_FORMAT, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { mapFromRows } from '@cardinex/core/sheet/makeMap';
import type { SheetFastener } from '@cardinex/core/sheet/spec/fastening';
import type { Valve } from '@cardinex/core/sheet/spec/overhead';
import { boresInRow, outwards } from './maps';
import { quillon5cAssembly } from './assemblies/quillon5c';
import { Book } from './printed';

const book = new Book('Quillon 5C repair guide, edition 7');
const CYLINDERS = [1, 2, 3, 4, 5];

const grid = mapFromRows({ rows: 2, columns: 6, alongMm: 92, acrossMm: 128 });
const bolts: SheetFastener[] = grid.fasteners.map((bolt) => ({
  ...bolt,
  group: bolt.yMm === 30 ? 'long' : 'short',
}));
const order = outwards(bolts);
const backwards = [...order].reverse();

/** The book's early edition counts valves along the head from the flywheel. */
const fromFlywheel: readonly Valve[] = CYLINDERS.flatMap((cylinder) => [
  { id: `E${cylinder}`, cylinder, kind: 'exhaust' as const, alongHead: 12 - cylinder * 2 },
  { id: `I${cylinder}`, cylinder, kind: 'intake' as const, alongHead: 11 - cylinder * 2 },
]);

const caps = mapFromRows({ rows: 2, columns: 6, alongMm: 92, acrossMm: 50 });

/** A five-cylinder overhead-cam diesel: chain, dry liners, tappet shims, a head that is not cut. Made up. */
export const quillon5c: EngineSheet = {
  format: SHEET_FORMAT,
  id: 'quillon-5c',
  revision: 4,
  note: 'Second angle of the short bolts from edition 7.',
  name: 'Quillon 5C',
  description: 'Five-cylinder overhead-cam diesel, chain driven, tappet shims',
  manual: book.title,
  service: 'vehicle',
  fuel: 'diesel',
  strokes: 4,
  layout: { form: 'in-line', banks: [{ id: 'a', name: 'in line', cylinders: CYLINDERS }] },
  cylinder1End: 'pulley',
  otherEnd: 'flywheel',
  bore: book.mm(84, 5, 0),
  stroke: book.mm(96, 5, 0),
  naming: {
    cylinders: 'From the pulley.',
    valves: 'Along the head from the pulley, exhaust first.',
    sides: [
      { name: 'intake side', says: 'Injection pump.' },
      { name: 'exhaust side', says: 'Turbocharger.' },
    ],
  },
  rotation: { direction: 'clockwise', seenFrom: 'pulley', ...book.on(6) },
  firing: { order: [1, 2, 4, 5, 3], ...book.on(6) },
  crank: {
    ringGearTeeth: 135,
    rimDiameter: book.mm(165, 7, 0),
    marks: [
      {
        says: 'Notch in the pulley at the pointer: cylinder 1 at the top',
        atDeg: 0,
        ...book.on(7),
      },
    ],
    barredBy: 'A socket on the pulley bolt.',
  },
  liners: { school: 'dry', ...book.on(18) },
  bores: {
    wear: book.mm(0.08, 18),
    taper: book.mm(0.03, 18),
    ovality: book.mm(0.03, 18),
    oversizes: [book.mm(0.3, 18), book.mm(0.6, 18)],
  },
  journals: [
    {
      id: 'mains',
      name: 'Main',
      count: 6,
      standard: book.between(57.96, 57.98, 21),
      undersizes: [book.mm(0.25, 21), book.mm(0.5, 21)],
      clearance: book.between(0.03, 0.07, 21),
      endFloat: book.between(0.1, 0.25, 21),
    },
    {
      id: 'cam',
      name: 'Camshaft',
      count: 6,
      standard: book.between(26.95, 26.97, 21),
      clearance: book.between(0.03, 0.08, 21),
      endFloat: book.between(0.06, 0.15, 21),
    },
  ],
  pistons: {
    rings: [
      {
        id: 'top',
        name: 'Top ring',
        kind: 'compression',
        gap: book.between(0.25, 0.4, 24),
        sideClearance: book.between(0.09, 0.14, 24),
        fileable: false,
        upperFace: '“TOP”',
      },
      {
        id: 'second',
        name: 'Second ring',
        kind: 'compression',
        gap: book.between(0.25, 0.4, 24),
        sideClearance: book.between(0.05, 0.09, 24),
        fileable: false,
        upperFace: '“TOP”',
      },
      {
        id: 'oil',
        name: 'Oil ring',
        kind: 'oil',
        gap: book.between(0.25, 0.45, 24),
        fileable: false,
      },
    ],
    stagger: { rule: 'even', keepClearDeg: 20, ...book.says('A third of a turn apart.', 24) },
    massSpread: book.grams(5, 23),
    pin: { fit: 'free', ...book.says('Free fit, circlips.', 23) },
    route: 'into-block',
    standOut: book.between(0.6, 1, 25),
    rodLength: book.mm(152, 23, 0),
  },
  head: {
    camInHead: true,
    flatness: book.mm(0.08, 28),
    standardThickness: book.mm(139.5, 28, 1),
    cut: { allowed: false, ...book.says('The head must not be faced: the cam runs in it.', 28) },
  },
  gasket: {
    grades: [
      { mark: 'one notch', upTo: book.mm(0.75, 25), thickness: book.mm(1.45, 25) },
      {
        mark: 'two notches',
        over: book.mm(0.75, 25),
        upTo: book.mm(0.85, 25),
        thickness: book.mm(1.55, 25),
      },
      {
        mark: 'three notches',
        over: book.mm(0.85, 25),
        upTo: book.mm(1, 25),
        thickness: book.mm(1.65, 25),
      },
    ],
    rule: 'highest',
    lies: book.says('Part number up, towards the pulley.', 29),
    dressing: book.says('Dry, unwrapped just before it is laid on.', 29),
  },
  fastenedSets: [
    {
      id: 'head',
      name: 'Head bolts',
      kind: 'head',
      instances: ['1'],
      clamps: ['head'],
      map: {
        ...grid.map,
        seenFrom: 'from above',
        bores: boresInRow(CYLINDERS, { xMm: 76, yMm: 94, pitchMm: 92, diaMm: 84 }),
      },
      groups: [
        {
          id: 'long',
          name: 'Long bolts, exhaust side',
          sort: 'bolt',
          thread: 'M11 × 1.5',
          length: book.mm(144, 30, 0),
          spanner: '12-point, size 12',
          uses: 'one',
          stretch: true,
          stretchLimit: book.mm(146, 30, 0),
          hole: 'blind',
          treatment: {
            kind: 'coated',
            ...book.says('Coated by the maker: nothing else on thread or head', 30),
          },
        },
        {
          id: 'short',
          name: 'Short bolts, intake side',
          sort: 'bolt',
          thread: 'M11 × 1.5',
          length: book.mm(104, 30, 0),
          spanner: '12-point, size 12',
          uses: 'one',
          stretch: true,
          stretchLimit: book.mm(105.5, 30, 1),
          hole: 'blind',
          treatment: {
            kind: 'coated',
            ...book.says('Coated by the maker: nothing else on thread or head', 30),
          },
        },
      ],
      fasteners: bolts,
      programme: {
        id: 'main',
        cycles: [
          {
            id: 'pull',
            stages: [
              {
                id: 'seat',
                kind: 'torque',
                order,
                values: [{ value: { figure: book.nm(60, 31) } }],
              },
              {
                id: 'stretch',
                kind: 'angle',
                order,
                values: [{ value: { figure: book.deg(90, 31) } }],
              },
              { id: 'release', kind: 'slacken', order: backwards },
            ],
          },
          {
            id: 'final',
            stages: [
              {
                id: 'snug',
                kind: 'torque',
                order,
                values: [{ value: { figure: book.nm(40, 31) } }],
              },
              {
                id: 'turn-1',
                kind: 'angle',
                order,
                values: [
                  { group: 'long', value: { figure: book.deg(90, 31) } },
                  { group: 'short', value: { figure: book.deg(75, 31) } },
                ],
              },
              {
                id: 'turn-2',
                kind: 'angle',
                order,
                values: [
                  { group: 'long', value: { figure: book.deg(90, 31) } },
                  { group: 'short', value: { figure: book.deg(60, 31) } },
                ],
              },
            ],
          },
        ],
        ...book.on(31),
      },
      afterwards: [
        {
          about: 'settle-and-check',
          demand: 'never',
          ...book.says('Not pulled again: neither after minutes nor after heat.', 31),
        },
        {
          about: 'after-heat',
          demand: 'never',
          ...book.says('Not pulled again: neither after minutes nor after heat.', 31),
        },
        { about: 'reuse', demand: 'never', ...book.says('New bolts every time.', 30) },
      ],
    },
    {
      id: 'cam-caps',
      name: 'Cam cap nuts',
      kind: 'cam-caps',
      instances: ['1'],
      springLoad: { down: book.mm(5, 34), step: book.mm(1, 34) },
      map: { ...caps.map, seenFrom: 'from above' },
      groups: [
        {
          id: 'all',
          name: 'Cam cap nuts',
          sort: 'nut',
          thread: 'M8 × 1.25',
          spanner: '13 mm across flats',
          uses: 'until-limit',
          stretch: false,
          treatment: { kind: 'oil', ...book.says('Engine oil', 34) },
        },
      ],
      fasteners: caps.fasteners.map((nut) => ({
        ...nut,
        clamps: [`cam-cap/${Math.round((nut.xMm - 30) / 92) + 1}`],
      })),
      programme: {
        id: 'main',
        cycles: [
          {
            id: '1',
            stages: [8, 15, 20].map((value, place) => ({
              id: `s${place + 1}`,
              kind: 'torque' as const,
              order: outwards(caps.fasteners),
              values: [{ value: { figure: book.nm(value, 34) } }],
            })),
          },
        ],
        ...book.on(34),
      },
    },
    {
      id: 'cam-sprocket',
      name: 'Cam sprocket bolts',
      kind: 'timing-wheels',
      instances: ['1'],
      clamps: ['cam-sprocket'],
      map: { widthMm: 120, heightMm: 120, seenFrom: 'from the pulley end' },
      groups: [
        {
          id: 'all',
          name: 'Cam sprocket bolts',
          sort: 'bolt',
          thread: 'M10 × 1.5',
          spanner: '16 mm across flats',
          uses: 'until-limit',
          stretch: false,
          treatment: { kind: 'oil', ...book.says('A drop of engine oil', 41) },
        },
      ],
      fasteners: [
        { id: 's1', number: '1', xMm: 60, yMm: 28 },
        { id: 's2', number: '2', xMm: 88, yMm: 76 },
        { id: 's3', number: '3', xMm: 32, yMm: 76 },
      ],
      programme: {
        id: 'main',
        cycles: [
          {
            id: '1',
            stages: [
              { id: 'nip', value: 20 },
              { id: 'pull', value: 55 },
            ].map(({ id, value }) => ({
              id,
              kind: 'torque' as const,
              order: ['s1', 's2', 's3'],
              values: [{ value: { figure: book.nm(value, 41) } }],
            })),
          },
        ],
        ...book.on(41),
      },
    },
  ],
  overhead: {
    gear: 'overhead-cam',
    actsOn: 'valve',
    adjust: 'shim',
    tappets: 'bucket',
    valves: CYLINDERS.flatMap((cylinder) => [
      { id: `E${cylinder}`, cylinder, kind: 'exhaust' as const, alongHead: cylinder * 2 - 1 },
      { id: `I${cylinder}`, cylinder, kind: 'intake' as const, alongHead: cylinder * 2 },
    ]),
    leafBetween: 'cam and tappet shim',
    feel: 'light-drag',
    camEvents: {
      strokes: 4,
      ivoBtdcDeg: 8,
      ivcAbdcDeg: 36,
      evoBbdcDeg: 46,
      evcAtdcDeg: 6,
      ...book.on(8),
    },
    clearances: {
      intake: { cold: book.gap(0.2, 0.15, 0.25, 36) },
      exhaust: { cold: book.gap(0.4, 0.35, 0.45, 36) },
    },
    tappetShims: Array.from({ length: 21 }, (_, step) => book.mm(3 + step * 0.05, 37)),
    injectors: { kind: 'pump-line-nozzle' },
  },
  assembly: quillon5cAssembly(book),
  renew: [
    { part: 'Head bolts', when: 'always', fits: 'head', ...book.on(30) },
    { part: 'Head gasket', when: 'by-measurement', count: 1, fits: 'head', ...book.on(25) },
    { part: 'Tappet shims', when: 'by-measurement', ...book.on(37) },
    { part: 'Chain tensioner', when: 'always', ...book.on(40) },
  ],
  timing: {
    drive: 'chain',
    marks: [
      'Two bright links either side of the dot on the cam sprocket',
      'One bright link on the dot of the crank sprocket',
      'Line of the cam sprocket level with the face of the head, to the intake side',
    ],
    pins: [
      'Camshaft pin through the flange into the head',
      'Pump pin through its sprocket into the bracket',
    ],
    tensioner:
      'Fitted with its pin in; the pin is drawn last, when marks and fasteners have all been checked.',
    wheels: [
      { id: 'crank', name: 'Crank', teeth: 21, xMm: 0, yMm: 0 },
      { id: 'pump', name: 'Pump', teeth: 42, xMm: 150, yMm: 170 },
      { id: 'cam', name: 'Camshaft', teeth: 42, xMm: 0, yMm: 420 },
    ],
    seenFrom: 'pulley',
    links: 118,
    markPlaces: [
      { mark: 1, wheel: 'cam', atDeg: 0, onLink: true },
      { mark: 2, wheel: 'crank', atDeg: 180, onLink: true },
      { mark: 3, wheel: 'cam', atDeg: 90 },
    ],
    line: {
      ...book.says('Straightedge on the cam sprocket, down to the crank sprocket.', 41),
      within: book.mm(0.2, 41, 1),
      shims: [book.mm(0.3, 41, 1), book.mm(0.5, 41, 1), book.mm(0.7, 41, 1)],
    },
    counterHold: book.says('Cam sprocket held by the flats of the camshaft, 24 mm.', 41),
    ...book.on(40),
  },
  fills: [
    { what: 'Engine oil', amount: { figure: book.litres(7, 50) }, grade: '5W-40' },
    { what: 'Coolant', amount: { figure: book.litres(10, 50) }, grade: 'With frost protection' },
  ],
  stopping: [book.says('Key off; the fuel valve on the pump unplugged.', 51)],
  variants: [
    {
      id: 'counted-from',
      ask: 'At which end of the cam cover is the figure 1 cast?',
      options: [
        {
          id: 'pulley',
          name: 'Valves counted from the pulley',
          serials: { from: '5C-3000' },
          seen: 'Figure 1 at the pulley.',
          overrides: [],
        },
        {
          id: 'flywheel',
          name: 'Valves counted from the flywheel',
          serials: { to: '5C-2999' },
          seen: 'Figure 1 at the flywheel.',
          overrides: [
            { at: '/naming/valves', to: 'Along the head from the flywheel, intake first.' },
            { at: '/overhead/valves', to: fromFlywheel },
          ],
        },
      ],
    },
  ],
};
