import { SHEET_FORMAT, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { mapFromRows } from '@cardinex/core/sheet/makeMap';
import { boresInRow, outwards } from './maps';
import { dunmere2s5Assembly } from './assemblies/dunmere2s5';
import { Book } from './printed';

const book = new Book('Dunmere 2S5 shop manual, section 4');
const CYLINDERS = [1, 2, 3, 4, 5];

const head = mapFromRows({ rows: 2, columns: 6, alongMm: 132, acrossMm: 200 });
const headOrder = outwards(head.fasteners);

/** A five-cylinder two-stroke with a blower, exhaust valves only, for a pumping station. Made up. */
export const dunmere2s5: EngineSheet = {
  format: SHEET_FORMAT,
  id: 'dunmere-2s5',
  revision: 1,
  name: 'Dunmere 2S5',
  description: 'Five-cylinder two-stroke blower diesel, exhaust valves only',
  manual: book.title,
  service: 'stationary',
  fuel: 'diesel',
  strokes: 2,
  layout: { form: 'in-line', banks: [{ id: 'a', name: 'in line', cylinders: CYLINDERS }] },
  cylinder1End: 'blower',
  otherEnd: 'flywheel',
  bore: book.mm(108, 4, 0),
  stroke: book.mm(127, 4, 0),
  naming: {
    cylinders: 'From the blower end.',
    valves: 'By cylinder: a bridge over both exhausts.',
    sides: [
      { name: 'air-box side', says: 'The air-box covers are on it.' },
      { name: 'exhaust side', says: 'The exhaust manifold is on it.' },
    ],
  },
  rotation: { direction: 'clockwise', seenFrom: 'blower', ...book.on(5) },
  firing: { order: [1, 4, 3, 2, 5], ...book.on(5) },
  crank: {
    ringGearTeeth: 118,
    rimDiameter: book.mm(430, 6, 0),
    marks: [{ says: 'Mark on the damper: cylinder 1 at the top', atDeg: 0, ...book.on(6) }],
    barredBy: 'A spanner on the crank nut at the blower end.',
  },
  liners: {
    school: 'flush',
    low: book.mm(-0.04, 22),
    high: book.mm(0.02, 22),
    adjacent: book.mm(0.04, 22),
    tilt: book.mm(0.03, 22),
    rise: 'none',
    places: ['blower side', 'flywheel side'],
    shims: { sizes: [book.mm(0.05, 22), book.mm(0.1, 22)], required: false, most: 2 },
    seals: {
      each: 2,
      ...book.says('One ring above, one below the air ports; a film of soft soap.', 23),
    },
  },
  bores: { wear: book.mm(0.1, 24), taper: book.mm(0.05, 24), ovality: book.mm(0.05, 24) },
  journals: [
    {
      id: 'mains',
      name: 'Main',
      count: 6,
      standard: book.between(88.87, 88.9, 28, 2),
      undersizes: [book.mm(0.25, 28), book.mm(0.5, 28), book.mm(0.75, 28)],
      minimum: book.mm(88, 28),
      clearance: book.between(0.04, 0.11, 28),
      endFloat: book.between(0.1, 0.28, 28),
    },
  ],
  pistons: {
    rings: [
      {
        id: 'fire',
        name: 'Fire ring',
        kind: 'compression',
        gap: book.between(0.5, 0.9, 33),
        fileable: true,
      },
      {
        id: 'second',
        name: 'Second ring',
        kind: 'compression',
        gap: book.between(0.5, 0.9, 33),
        fileable: true,
      },
      {
        id: 'third',
        name: 'Third ring',
        kind: 'compression',
        gap: book.between(0.5, 0.9, 33),
        fileable: true,
      },
      {
        id: 'oil-upper',
        name: 'Upper oil ring',
        kind: 'oil',
        gap: book.between(0.2, 0.6, 33),
        fileable: false,
      },
      { id: 'spring', name: 'Expander', kind: 'expander', fileable: false },
      {
        id: 'oil-lower',
        name: 'Lower oil ring',
        kind: 'oil',
        gap: book.between(0.2, 0.6, 33),
        fileable: false,
      },
    ],
    stagger: {
      rule: 'even',
      keepClearDeg: 15,
      ...book.says('Spread evenly; none over a port bar or the pin.', 33),
    },
    pin: { fit: 'free', ...book.says('Free; the caps are sealed and proved by vacuum.', 34) },
    route: 'into-liner-on-bench',
    rodLength: book.mm(223, 34, 0),
  },
  head: {
    camInHead: false,
    flatness: book.mm(0.12, 36),
    standardThickness: book.mm(91, 36, 1),
    repairThickness: book.mm(90.5, 36, 1),
    cut: {
      allowed: true,
      ...book.says('To the least thickness; the valves stand lower afterwards.', 36),
    },
  },
  gasket: {
    lies: book.says(
      'A ring on every liner, seal strips in their grooves; no gasket over the face.',
      37,
    ),
    dressing: book.says('Dry.', 37),
  },
  fastenedSets: [
    {
      id: 'head',
      name: 'Head bolts',
      kind: 'head',
      instances: ['1'],
      clamps: ['head'],
      map: {
        ...head.map,
        seenFrom: 'from above',
        bores: boresInRow(CYLINDERS, { xMm: 96, yMm: 130, pitchMm: 132, diaMm: 108 }),
      },
      groups: [
        {
          id: 'all',
          name: 'Head bolts',
          sort: 'bolt',
          thread: '5/8 in, 11 to the inch',
          length: book.mm(152, 38, 0),
          spanner: '15/16 in across flats',
          uses: 'until-limit',
          stretch: false,
          hole: 'blind',
          treatment: {
            kind: 'paste',
            ...book.says('Thread compound on thread and under head', 38),
          },
        },
      ],
      fasteners: head.fasteners,
      programme: {
        id: 'main',
        cycles: [
          {
            id: '1',
            stages: [
              {
                id: 's1',
                kind: 'torque',
                order: headOrder,
                values: [{ value: { figure: book.torque(90, 'lbf·ft', 38) } }],
              },
              {
                id: 's2',
                kind: 'torque',
                order: headOrder,
                values: [
                  {
                    value: {
                      low: book.torque(165, 'lbf·ft', 38),
                      high: book.torque(175, 'lbf·ft', 38),
                    },
                  },
                ],
              },
              {
                id: 's3',
                kind: 'torque',
                order: headOrder,
                values: [
                  {
                    value: {
                      low: book.torque(165, 'lbf·ft', 38),
                      high: book.torque(175, 'lbf·ft', 38),
                    },
                  },
                ],
              },
            ],
          },
        ],
        ...book.on(38),
      },
    },
  ],
  overhead: {
    gear: 'push-rod',
    actsOn: 'bridge',
    adjust: 'screw',
    tappets: 'roller',
    valves: CYLINDERS.map((cylinder) => ({
      id: `E${cylinder}`,
      cylinder,
      kind: 'exhaust' as const,
      alongHead: cylinder,
    })),
    screw: { at: 'pushrod', pitchMm: 0.9, rockerRatio: 1.5, inCloses: true },
    leafBetween: 'rocker and bridge',
    feel: 'go-no-go',
    camEvents: { strokes: 2, evoBbdcDeg: 84, evcAbdcDeg: 58, ...book.on(7) },
    clearances: {
      exhaust: { cold: book.gap(0.4, 0.38, 0.43, 44), hot: book.gap(0.35, 0.33, 0.38, 44) },
    },
    bridges: {
      equalise: book.says(
        'Set the screw until both stems are touched, then a little more as the sketch shows.',
        43,
      ),
      twist: book.says('Try for twist.', 43),
    },
    injectors: {
      kind: 'unit',
      setting: { method: 'turn', turns: book.turns('1/4 turn', 0.25, 45) },
      window: { fromDeg: 290, toDeg: 355, ...book.on(45) },
    },
  },
  assembly: dunmere2s5Assembly(book),
  renew: [
    { part: 'Liner rings and head strips', when: 'always', ...book.on(37) },
    { part: 'Head bolts', when: 'if-worn', ...book.on(38) },
  ],
  timing: {
    drive: 'gears',
    marks: ['R on R for clockwise engines'],
    wheels: [
      { id: 'crank', name: 'Crank', teeth: 60, xMm: 0, yMm: 0 },
      { id: 'cam', name: 'Camshaft', teeth: 60, xMm: 0, yMm: 240 },
    ],
    markPlaces: [{ mark: 1, wheel: 'crank', meets: 'cam' }],
    seenFrom: 'flywheel',
    ...book.on(55),
  },
  fills: [
    {
      what: 'Engine oil',
      amount: { figure: book.litres(17, 60) },
      grade: 'SAE 40 single grade, low ash',
    },
    {
      what: 'Coolant',
      amount: { missing: 'Fill to the plug in the thermostat housing.' },
      grade: 'Treated water',
    },
  ],
  stopping: [
    book.says('Governor lever to no fuel.', 61),
    book.says('Air shut-off flap in the blower inlet: tried, and in hand at the first start.', 61),
  ],
};
