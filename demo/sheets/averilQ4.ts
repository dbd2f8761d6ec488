import { SHEET_FORMAT, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { mapFromCircle } from '@cardinex/core/sheet/makeMap';
import type { SheetFastener } from '@cardinex/core/sheet/spec/fastening';
import { averilQ4Assembly } from './assemblies/averilQ4';
import { Book } from './printed';

const book = new Book('Averil Q4 overhaul manual, amendment 6');

/** Eight on a circle: two through bolts opposite each other, six base nuts between. */
const circle = mapFromCircle({ count: 8, diaMm: 170, fromDeg: 22.5 });
const THROUGH = ['f2', 'f6'];
const OPPOSITE = [
  ['1', '2'],
  ['2', '1'],
  ['3', '4'],
  ['4', '3'],
] as const;
const fasteners: SheetFastener[] = circle.fasteners.map((fastener) => ({
  ...fastener,
  group: THROUGH.includes(fastener.id) ? 'through' : 'base',
  // A through bolt ends under a nut on the cylinder opposite, and holds the case between.
  ...(THROUGH.includes(fastener.id) && {
    clampsAt: OPPOSITE.map(([one, other]) => ({
      instance: one,
      clamps: [`cylinder/${one}`, `cylinder/${other}`, 'case-half/*'],
    })),
  }),
}));
const crossed = ['f1', 'f5', 'f3', 'f7', 'f4', 'f8'];

/** A flat-four aircraft engine with separate cylinders. Made up; released by an authorised person only. */
export const averilQ4: EngineSheet = {
  format: SHEET_FORMAT,
  id: 'averil-q4',
  revision: 1,
  name: 'Averil Q4',
  description: 'Flat-four aircraft engine, separate cylinders',
  manual: book.title,
  service: 'aircraft',
  fuel: 'petrol',
  strokes: 4,
  layout: {
    form: 'opposed',
    banks: [
      { id: 'right', name: 'right', cylinders: [1, 3] },
      { id: 'left', name: 'left', cylinders: [2, 4] },
    ],
  },
  cylinder1End: 'propeller',
  otherEnd: 'accessory',
  bore: book.mm(122, 6, 0),
  stroke: book.mm(98, 6, 0),
  naming: {
    cylinders:
      'Odd numbers right, even numbers left, seen from the accessory end; 1 and 2 nearest the propeller.',
    valves: 'By cylinder and kind.',
    sides: [
      { name: 'right', says: 'Right, seen from the accessory end.' },
      { name: 'left', says: 'Left, seen from the accessory end.' },
    ],
  },
  rotation: { direction: 'clockwise', seenFrom: 'accessory', ...book.on(7) },
  firing: { order: [1, 3, 2, 4], ...book.on(7) },
  crank: {
    marks: [
      {
        says: 'Hole in the starter ring at the split line: cylinder 1 at the top',
        atDeg: 0,
        ...book.on(8),
      },
    ],
    barredBy: 'The propeller, by hand, magnetos earthed, one plug out of each cylinder.',
  },
  liners: { school: 'none', ...book.on(20) },
  bores: { wear: book.mm(0.13, 20), taper: book.mm(0.1, 20), ovality: book.mm(0.08, 20) },
  journals: [
    {
      id: 'mains',
      name: 'Main',
      count: 4,
      standard: book.between(60.29, 60.32, 24),
      undersizes: [book.mm(0.08, 24), book.mm(0.15, 24), book.mm(0.25, 24)],
      clearance: book.between(0.03, 0.14, 24),
      endFloat: book.between(0.23, 0.66, 24),
    },
  ],
  pistons: {
    rings: [
      {
        id: 'top',
        name: 'Top ring',
        kind: 'compression',
        gap: book.between(0.9, 1.2, 28),
        sideClearance: book.between(0.06, 0.14, 28),
        fileable: true,
        upperFace: 'Maker’s side up',
      },
      {
        id: 'second',
        name: 'Second ring',
        kind: 'compression',
        gap: book.between(0.8, 1.1, 28),
        sideClearance: book.between(0.06, 0.14, 28),
        fileable: true,
        upperFace: 'Maker’s side up',
      },
      { id: 'oil', name: 'Oil ring', kind: 'oil', gap: book.between(0.4, 0.8, 28), fileable: true },
    ],
    stagger: {
      rule: 'opposed',
      keepClearDeg: 30,
      ...book.says('Each gap opposite the one above; the first away from the bottom.', 28),
    },
    massSpread: book.grams(14, 27),
    massPairs: [
      [1, 2],
      [3, 4],
    ],
    pin: { fit: 'free', ...book.says('Hand push fit, plugs at both ends.', 27) },
    route: 'cylinder-over-piston',
    alsoRoutes: ['part-way-out'],
    rodLength: book.mm(171, 27, 0),
  },
  calibratedTools: book.says('Torque tools with a certificate in date.', 3),
  fastenedSets: [
    {
      id: 'cylinder-base',
      name: 'Cylinder base nuts',
      kind: 'cylinder-base',
      instances: ['1', '2', '3', '4'],
      clamps: ['cylinder'],
      map: {
        ...circle.map,
        seenFrom: 'along the cylinder, towards the case',
        bores: [
          { cylinder: 1, xMm: circle.map.widthMm / 2, yMm: circle.map.heightMm / 2, diaMm: 122 },
        ],
      },
      groups: [
        {
          id: 'base',
          name: 'Base nuts',
          sort: 'nut',
          thread: '3/8 in, 24 to the inch',
          spanner: '5/8 in, crow-foot',
          uses: 'until-limit',
          stretch: false,
          washer: 'Nut face chamfer to the flange',
          locking: 'Paint mark when released',
          hole: 'through',
          treatment: {
            kind: 'oil',
            ...book.says('The oil and molybdenum mixture of page 30 on thread and face', 30),
          },
        },
        {
          id: 'through',
          name: 'Through bolts',
          sort: 'through-bolt',
          thread: '1/2 in, 20 to the inch',
          spanner: '3/4 in, crow-foot',
          uses: 'until-limit',
          stretch: false,
          counterHold: 'The nut on the other side of the case',
          hole: 'through',
          treatment: {
            kind: 'oil',
            ...book.says('The oil and molybdenum mixture of page 30 on thread and face', 30),
          },
        },
      ],
      fasteners,
      programme: {
        id: 'main',
        cycles: [
          {
            id: '1',
            stages: [
              {
                id: 'part',
                kind: 'torque',
                order: crossed,
                leaveOut: THROUGH,
                values: [{ group: 'base', value: { figure: book.torque(300, 'lbf·in', 31) } }],
              },
              {
                id: 'both-ends',
                kind: 'torque',
                order: THROUGH,
                leaveOut: crossed,
                together: true,
                values: [{ group: 'through', value: { figure: book.torque(420, 'lbf·in', 31) } }],
              },
              {
                id: 'base',
                kind: 'torque',
                order: crossed,
                leaveOut: THROUGH,
                values: [{ group: 'base', value: { figure: book.torque(420, 'lbf·in', 31) } }],
              },
              {
                id: 'through',
                kind: 'torque',
                order: THROUGH,
                leaveOut: crossed,
                together: true,
                values: [
                  {
                    group: 'through',
                    value: {
                      low: book.torque(590, 'lbf·in', 31),
                      high: book.torque(610, 'lbf·in', 31),
                    },
                  },
                ],
              },
            ],
          },
        ],
        ...book.on(31),
      },
      twoPeople: book.says(
        'One on each side, each with a wrench: opposite cylinders at the same time, through bolts at both ends. The crank is not turned with through bolts slack.',
        31,
      ),
    },
  ],
  overhead: {
    gear: 'push-rod',
    actsOn: 'valve',
    adjust: 'screw',
    tappets: 'flat',
    valves: [1, 2, 3, 4].flatMap((cylinder) => [
      { id: `I${cylinder}`, cylinder, kind: 'intake' as const },
      { id: `E${cylinder}`, cylinder, kind: 'exhaust' as const },
    ]),
    screw: { at: 'pushrod', pitchMm: 1, rockerRatio: 1.2, inCloses: true },
    lockNut: { figure: book.torque(240, 'lbf·in', 36) },
    leafBetween: 'rocker and valve stem',
    feel: 'light-drag',
    pushRods: {
      in: 'own-position',
      ...book.says('Each goes in through its tube with its own valve shut, before its rocker.', 35),
    },
    camEvents: {
      strokes: 4,
      ivoBtdcDeg: 20,
      ivcAbdcDeg: 60,
      evoBbdcDeg: 65,
      evcAtdcDeg: 15,
      ...book.on(9),
    },
    clearances: {
      intake: { cold: book.gap(0.25, 0.2, 0.3, 36) },
      exhaust: { cold: book.gap(0.3, 0.25, 0.35, 36) },
    },
  },
  assembly: averilQ4Assembly(book),
  renew: [
    { part: 'Base rings, push rod tube rings', when: 'always', ...book.on(29) },
    { part: 'Pistons in pairs', when: 'matched-set', members: ['piston'], ...book.on(27) },
  ],
  timing: {
    drive: 'gears',
    marks: ['Etched tooth of the cam gear between two etched teeth of the crank gear'],
    pump: 'Magneto to cylinder 1’s firing stroke, 25° before the top, by the maker’s mark.',
    pumpBeforeTop: book.deg(25, 40),
    wheels: [
      { id: 'crank', name: 'Crank', teeth: 24, xMm: 0, yMm: 0 },
      { id: 'cam', name: 'Camshaft', teeth: 48, xMm: 0, yMm: -108 },
    ],
    markPlaces: [{ mark: 1, wheel: 'cam', meets: 'crank' }],
    seenFrom: 'accessory',
    ...book.on(40),
  },
  fills: [
    {
      what: 'Engine oil',
      amount: { figure: book.litres(7.5, 50) },
      grade: 'Straight aviation oil for the first hours',
    },
  ],
  stopping: [book.says('Mixture to cut-off; magnetos to off and proved earthed.', 51)],
};
