import { SHEET_FORMAT, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { SheetFastener, SheetStage } from '@cardinex/core/sheet/spec/fastening';
import { hesperM6Assembly } from './assemblies/hesperM6';
import { Book } from './printed';

const book = new Book('Hesper M6 instruction book, 3rd edition');
const CYLINDERS = [1, 2, 3, 4, 5, 6];

/** Four studs square about the bore of a separate head. */
const studs: SheetFastener[] = [
  { id: 's1', number: '1', xMm: 50, yMm: 50 },
  { id: 's2', number: '2', xMm: 350, yMm: 350 },
  { id: 's3', number: '3', xMm: 350, yMm: 50 },
  { id: 's4', number: '4', xMm: 50, yMm: 350 },
];
const together = studs.map((stud) => stud.id);

const hydraulic = (id: string, bar: number): SheetStage => ({
  id,
  kind: 'hydraulic',
  order: together,
  pressure: { figure: book.pressure(bar, 'bar', 114) },
});

/**
 * A six-cylinder medium-speed marine engine, one head a cylinder, built in both hands: the ferry has
 * one of each, and they fire in different orders and bar opposite ways. Made up.
 */
function hesper(hand: 'left' | 'right'): EngineSheet {
  const right = hand === 'right';
  return {
    format: SHEET_FORMAT,
    id: right ? 'hesper-m6-r' : 'hesper-m6-l',
    revision: 1,
    name: right ? 'Hesper M6, right hand' : 'Hesper M6, left hand',
    description: 'Six-cylinder medium-speed marine diesel, one head per cylinder',
    manual: book.title,
    service: 'marine',
    fuel: 'diesel',
    strokes: 4,
    layout: { form: 'in-line', banks: [{ id: 'a', name: 'in line', cylinders: CYLINDERS }] },
    cylinder1End: 'flywheel',
    otherEnd: 'free',
    hand,
    sister: right ? 'hesper-m6-l' : 'hesper-m6-r',
    bore: book.mm(240, 20, 0),
    stroke: book.mm(290, 20, 0),
    naming: {
      cylinders: 'From the flywheel.',
      valves: 'By cylinder: a yoke for both inlets, a yoke for both exhausts.',
      sides: [
        { name: 'operating side', says: 'Fuel pumps and controls.' },
        { name: 'exhaust side', says: 'Exhaust pipe and turbocharger.' },
      ],
    },
    rotation: {
      direction: right ? 'clockwise' : 'anticlockwise',
      seenFrom: 'flywheel',
      ...book.on(22),
    },
    firing: { order: right ? [1, 5, 3, 6, 2, 4] : [1, 4, 2, 6, 3, 5], ...book.on(22) },
    crank: {
      ringGearTeeth: 210,
      rimDiameter: book.mm(980, 24, 0),
      marks: CYLINDERS.slice(0, 3).map((cylinder, place) => ({
        says: `Scale on the flywheel: ${cylinder} and ${7 - cylinder} at the top`,
        atDeg: right ? ([0, 120, 240][place] ?? 0) : ([0, 240, 120][place] ?? 0),
        ...book.on(24),
      })),
      barredBy: 'The turning gear, by hand. Note it in and out.',
    },
    liners: {
      school: 'on-shims',
      low: book.mm(0.4, 88),
      high: book.mm(0.5, 88),
      tilt: book.mm(0.04, 88),
      rise: 'none',
      places: ['flywheel side', 'free end side', 'operating side', 'exhaust side'],
      shims: {
        sizes: [book.mm(0.1, 88, 1), book.mm(0.2, 88, 1), book.mm(0.5, 88, 1)],
        required: true,
        most: 3,
      },
      seals: {
        each: 4,
        ...book.says('Four rings, silicone grease, the lowest groove left empty: it drains.', 89),
      },
      clamp: book.says('The clamping beam on each liner that stands without its head.', 86),
    },
    bores: { wear: book.mm(0.6, 90), ovality: book.mm(0.2, 90) },
    journals: [
      {
        id: 'mains',
        name: 'Main',
        count: 7,
        thrust: 7,
        standard: book.between(199.97, 200, 96),
        minimum: book.mm(198.5, 96),
        ovality: book.mm(0.08, 96),
        clearance: book.between(0.18, 0.35, 96),
        endFloat: book.between(0.25, 0.7, 96),
      },
      {
        id: 'big-ends',
        name: 'Big end',
        count: 6,
        standard: book.between(179.97, 180, 96),
        minimum: book.mm(178.5, 96),
        clearance: book.between(0.16, 0.32, 96),
      },
    ],
    pistons: {
      rings: [
        {
          id: 'top',
          name: 'Top ring, chromed',
          kind: 'compression',
          gap: book.between(0.9, 1.4, 104),
          sideClearance: book.between(0.15, 0.3, 104),
          fileable: false,
          upperFace: '“TOP”',
        },
        {
          id: 'second',
          name: 'Second ring',
          kind: 'compression',
          gap: book.between(0.8, 1.3, 104),
          sideClearance: book.between(0.12, 0.25, 104),
          fileable: false,
          upperFace: '“TOP”',
        },
        {
          id: 'third',
          name: 'Third ring',
          kind: 'compression',
          gap: book.between(0.8, 1.3, 104),
          sideClearance: book.between(0.12, 0.25, 104),
          fileable: false,
          upperFace: '“TOP”',
        },
        {
          id: 'oil',
          name: 'Scraper',
          kind: 'oil',
          gap: book.between(0.7, 1.2, 104),
          fileable: false,
        },
      ],
      stagger: {
        rule: 'opposed',
        keepClearDeg: 10,
        ...book.says('Each gap opposite the one above.', 104),
      },
      massSpread: book.grams(150, 103),
      pin: {
        fit: 'piston-warmed',
        ...book.says('Warm the crown in water to 80 °C, never with a flame.', 103),
      },
      route: 'into-block',
      rodLength: book.mm(580, 103, 0),
    },
    head: {
      camInHead: false,
      flatness: book.mm(0.05, 110),
      cut: {
        allowed: false,
        ...book.says('The gas-sealing face is lapped with its ring, not cut.', 110),
      },
    },
    sealingRing: { new: book.mm(4, 111), least: book.mm(3.85, 111), spread: book.mm(0.03, 111) },
    fastenedSets: [
      {
        id: 'head',
        name: 'Head studs',
        kind: 'head',
        instances: CYLINDERS.map(String),
        clamps: ['head'],
        map: {
          widthMm: 400,
          heightMm: 400,
          seenFrom: 'from above',
          bores: [{ cylinder: 1, xMm: 200, yMm: 200, diaMm: 240 }],
        },
        groups: [
          {
            id: 'all',
            name: 'Head studs',
            sort: 'stud',
            thread: 'M42 × 3',
            length: book.mm(720, 113, 0),
            uses: 'until-limit',
            stretch: false,
            washer: 'Spherical washer, dish up',
            hole: 'blind',
            treatment: {
              kind: 'paste',
              ...book.says('Copper paste on the thread, none under the nut', 113),
            },
          },
        ],
        fasteners: studs,
        programme: {
          id: 'main',
          cycles: [
            {
              id: '1',
              stages: [
                hydraulic('half', 350),
                hydraulic('full', 700),
                {
                  id: 'second',
                  kind: 'hydraulic-check',
                  order: together,
                  pressure: { figure: book.pressure(700, 'bar', 114) },
                },
              ],
            },
          ],
          ...book.on(114),
        },
        tensioner: {
          areaMm2: 4860,
          stud: book.mm(36.5, 113, 1),
          stretchLength: book.mm(640, 113, 0),
          holesPerTurn: 6,
          expectedHoles: 2,
          toleranceHoles: 0.5,
        },
      },
      {
        id: 'main-caps',
        name: 'Main cap studs',
        kind: 'main-caps',
        instances: ['1', '2', '3', '4', '5', '6', '7'],
        clamps: ['main-cap'],
        map: { widthMm: 420, heightMm: 160, seenFrom: 'from below' },
        groups: [
          {
            id: 'all',
            name: 'Main cap studs',
            sort: 'stud',
            thread: 'M45 × 3',
            uses: 'until-limit',
            stretch: false,
            treatment: { kind: 'oil', ...book.says('Oil on the thread', 97) },
          },
        ],
        fasteners: [
          { id: 'm1', number: '1', xMm: 60, yMm: 80 },
          { id: 'm2', number: '2', xMm: 360, yMm: 80 },
        ],
        programme: {
          id: 'main',
          cycles: [
            {
              id: '1',
              stages: [
                {
                  id: 'half',
                  kind: 'hydraulic',
                  order: ['m1', 'm2'],
                  pressure: { figure: book.pressure(400, 'bar', 97) },
                },
                {
                  id: 'full',
                  kind: 'hydraulic',
                  order: ['m1', 'm2'],
                  pressure: { figure: book.pressure(800, 'bar', 97) },
                },
                {
                  id: 'turn',
                  kind: 'turn-crank',
                  says: 'A full turn on the turning gear after each cap.',
                },
              ],
            },
          ],
          ...book.on(97),
        },
        tensioner: {
          areaMm2: 1850,
          stud: book.mm(39.5, 97, 1),
          stretchLength: book.mm(410, 97, 0),
          holesPerTurn: 6,
        },
      },
      {
        id: 'cam-wheel',
        name: 'Camshaft wheel bolts',
        kind: 'timing-wheels',
        instances: ['1'],
        clamps: ['cam-wheel'],
        map: { widthMm: 300, heightMm: 300, seenFrom: 'from the flywheel end' },
        groups: [
          {
            id: 'all',
            name: 'Camshaft wheel bolts',
            sort: 'bolt',
            thread: 'M16 × 2',
            spanner: '24 mm across flats',
            uses: 'until-limit',
            stretch: false,
            treatment: { kind: 'oil', ...book.says('Engine oil on thread and under head', 131) },
          },
        ],
        fasteners: [0, 60, 120, 180, 240, 300].map((deg, place) => ({
          id: `w${place + 1}`,
          number: String(place + 1),
          xMm: Math.round(150 + 100 * Math.sin((deg * Math.PI) / 180)),
          yMm: Math.round(150 - 100 * Math.cos((deg * Math.PI) / 180)),
        })),
        programme: {
          id: 'main',
          cycles: [
            {
              id: '1',
              stages: [
                { id: 'nip', value: 60 },
                { id: 'pull', value: 200 },
              ].map(({ id, value }) => ({
                id,
                kind: 'torque' as const,
                order: ['w1', 'w4', 'w2', 'w5', 'w3', 'w6'],
                values: [{ value: { figure: book.nm(value, 131) } }],
              })),
            },
          ],
          ...book.on(131),
        },
      },
    ],
    overhead: {
      gear: 'push-rod',
      actsOn: 'yoke',
      adjust: 'screw',
      tappets: 'roller',
      valves: CYLINDERS.flatMap((cylinder) => [
        { id: `I${cylinder}`, cylinder, kind: 'intake' as const, alongHead: cylinder * 2 - 1 },
        { id: `E${cylinder}`, cylinder, kind: 'exhaust' as const, alongHead: cylinder * 2 },
      ]),
      screw: { at: 'pushrod', pitchMm: 1.5, rockerRatio: 1.2, inCloses: true },
      leafBetween: 'rocker and yoke pivot',
      feel: 'light-drag',
      camEvents: {
        strokes: 4,
        ivoBtdcDeg: 50,
        ivcAbdcDeg: 30,
        evoBbdcDeg: 48,
        evcAtdcDeg: 44,
        ...book.on(23),
      },
      clearances: {
        intake: { cold: book.gap(0.7, 0.65, 0.75, 120), hot: book.gap(0.5, 0.45, 0.55, 120) },
        exhaust: { cold: book.gap(1, 0.95, 1.05, 120), hot: book.gap(0.7, 0.65, 0.75, 120) },
      },
      bridges: {
        equalise: book.says('Both valves touched together: set the loose foot, lock it held.', 119),
        twist: book.says('Try each yoke for twist.', 119),
      },
      injectors: { kind: 'pump-line-nozzle' },
      actuators: {
        name: 'Intake actuator',
        gap: book.gap(0.4, 0.35, 0.45, 124),
        window: { as: 'intake' },
        leafBetween: 'actuator tappet and inlet rocker',
      },
    },
    assembly: hesperM6Assembly(book),
    renew: [
      { part: 'Sealing ring', when: 'by-measurement', fits: 'head', ...book.on(111) },
      { part: 'Liner rings', when: 'always', fits: 'liners', ...book.on(89) },
      { part: 'Head with its liner', when: 'matched-set', ...book.on(110) },
    ],
    timing: {
      drive: 'gears',
      marks: ['Intermediate wheel: two dots about one'],
      pins: ['Pin through the flywheel into the casing, cylinder 1 at the top'],
      wheels: [
        { id: 'crank', name: 'Crank', teeth: 48, xMm: 0, yMm: 0 },
        { id: 'idler', name: 'Intermediate', teeth: 72, xMm: 140, yMm: 330 },
        { id: 'cam', name: 'Camshaft', teeth: 96, xMm: -130, yMm: 740 },
      ],
      seenFrom: 'flywheel',
      markPlaces: [
        { mark: 1, wheel: 'crank', meets: 'idler' },
        { mark: 1, wheel: 'cam', meets: 'idler' },
      ],
      counterHold: book.says('Camshaft held by the bar in its coupling holes.', 131),
      ...book.on(130),
    },
    fills: [
      {
        what: 'Engine oil',
        amount: { figure: book.litres(420, 140) },
        grade: 'SAE 40, base number 12',
      },
      { what: 'Fresh water', grade: 'Treated, as the makers of the inhibitor say' },
    ],
    stopping: [
      book.says('Fuel rack pulled to zero by hand.', 141),
      book.says('Air shut-off flap closed by its lever.', 141),
    ],
  };
}

export const hesperM6Right = hesper('right');
export const hesperM6Left = hesper('left');
