import { linerArrange } from '@cardinex/core/block/linerArrange';
import { linerCheck } from '@cardinex/core/block/linerCheck';
import { pistonTravel } from '@cardinex/core/crank/pistonTravel';
import type { BoltStatus } from '@cardinex/core/job/run/views';
import { cycleDegrees } from '@cardinex/core/overhead/cycle';
import { lashTrend } from '@cardinex/core/overhead/lashTrend';
import { settable } from '@cardinex/core/overhead/settable';
import { standOut } from '@cardinex/core/overhead/standOut';
import { overheadFor } from '@cardinex/core/sheet/barringOf';
import { clockOf } from '@cardinex/core/sheet/clockOf';
import { cycleWindows } from '@cardinex/core/sheet/cycleWindows';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { firingOf } from '@cardinex/core/sheet/overheadOf';
import { settingItems } from '@cardinex/core/sheet/settingItems';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { thrustDegOf } from '@cardinex/core/sheet/thrustDegOf';
import { treatmentsOf } from '@cardinex/core/sheet/treatmentOf';
import { traceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { feelerStackDrawing } from '../bench/feelerStack';
import { plungerDrawing } from '../bench/plunger';
import { rimDrawing } from '../bench/rim';
import { screwTurnDrawing } from '../bench/screwTurn';
import { sliderCrankDrawing } from '../bench/sliderCrank';
import { wrenchDrawing } from '../bench/wrench';
import { boreDrawing } from '../checks/boreSection';
import { straightedgeDrawing } from '../checks/straightedge';
import { crankDrawing } from '../crank/crank';
import type { PartStanding } from '../crank/standing';
import { stopsDrawing } from '../crank/stops';
import { timingWheelsDrawing } from '../crank/timingWheels';
import { linerHeightsDrawing } from '../liners/linerHeights';
import { linerMovesDrawing } from '../liners/linerMoves';
import { linerPlanDrawing } from '../liners/linerPlan';
import { VERDICT_FRAME, verdictShape, type Verdict } from '../marks/verdict';
import { pistonWayDrawing } from '../pistons/pistonWay';
import { ringClockDrawing } from '../pistons/ringClock';
import type { Drawing, Frame, Shape } from '../shape';
import { cylinderLayoutDrawing } from '../sheet/cylinderLayout';
import { valveWindowsDrawing } from '../sheet/valveWindows';
import { boltLengthsDrawing } from '../tighten/boltLengths';
import { clampMapDrawing } from '../tighten/clampMap';
import { headMapDrawing } from '../tighten/headMap';
import { protractorDrawing } from '../tighten/protractor';
import { torqueTraceDrawing } from '../tighten/torqueTrace';
import { GLYPH_MM, treatmentGlyph } from '../tighten/treatmentGlyph';
import { adjustersDrawing } from '../valves/adjusters';
import { bridgeDrawing } from '../valves/bridge';
import { crankClockDrawing } from '../valves/crankClock';
import { cylindersDrawing } from '../valves/cylindersInCycle';
import { leafDrawing } from '../valves/leaf';
import { SMALL_TREND, smallTrend, trendDrawing } from '../valves/trend';
import { VALVE_FRAME, valveMark, type ValveStanding } from '../valves/valveMark';

/*
 * Every drawing at least once, on the demo shop's engines, in as many states as it has: what the tests
 * walk through, and what the page of all drawings shows.
 */

const figure = (value: number): string => String(Math.round(value * 1000) / 1000);
const some = (sheet: EngineSheet | undefined): EngineSheet => {
  if (!sheet) throw new Error('no such engine in the demo');
  return sheet;
};
const engine = (id: string): EngineSheet => some(demoSheets.find((sheet) => sheet.id === id));
const tolvane = engine('tolvane-44');
const STANDINGS: readonly PartStanding[] = ['done', 'now', 'failed', 'open'];
const standing = (nth: number): PartStanding => STANDINGS[(nth - 1) % STANDINGS.length] ?? 'open';

const sets = demoSheets.flatMap((sheet) =>
  (sheet.fastenedSets ?? []).map((set) => ({ sheet, set })),
);
const BOLTS: readonly BoltStatus[] = ['done', 'done', 'half', 'failed', 'sweep', 'contested'];

function maps(): readonly Drawing[] {
  return sets.map(({ sheet, set }) =>
    headMapDrawing({
      set,
      bolts: set.fasteners.map(({ id }, nth) => ({ id, status: BOLTS[nth] ?? 'open' })),
      currentId: set.fasteners.at(-1)?.id ?? null,
      nextId: set.fasteners.at(-2)?.id ?? null,
      treatments: treatmentsOf(set),
      values: new Map(set.fasteners.slice(0, 2).map(({ id }) => [id, '128'])),
      past: sheet.strokes === 2,
      description: `${sheet.name}, ${set.name}`,
    }),
  );
}

const byLengths = (set: FastenedSet): boolean => set.groups.length > 1;

function clamped(set: FastenedSet): Drawing {
  const bolts = set.fasteners.map(({ id }, nth) => {
    const kn = 90 - (nth % 4) * 12;
    return { id, meanKn: kn, lowKn: kn - 3, highKn: kn + 3 };
  });
  return clampMapDrawing({ set, bolts, fullKn: 90, figure, description: set.name });
}

function traces(): readonly Drawing[] {
  const plan = { snugNm: 30, angleDeg: 90 };
  const sound = [0, 10, 20, 30, 40, 50, 60, 70, 80, 90, 100, 110];
  return [0, 4].map((bend) => {
    const samples = sound.map((deg) => ({
      deg,
      nm: deg < 20 ? deg : 20 + (deg - 20) * 1.2 - (bend * Math.max(0, deg - 70)) / 4,
    }));
    return torqueTraceDrawing({
      samples,
      found: traceVerdict({ samples, plan }),
      description: 'A trace',
      seat: 'seats',
      yields: 'yields',
      figure,
    });
  });
}

const BORES = ['1', '2', '3', '4', '5', '6'];
const LIMITS = { lowMm: 0.05, highMm: 0.12 };
const HEIGHTS = [[0.06, 0.08], [0.09, 0.09], [0.14, 0.15], [0.07, 0.07], [0.11, 0.12], []];

function liners(): readonly Drawing[] {
  const check = linerCheck({
    bores: BORES.slice(0, 5).map((id, nth) => ({ id, readingsMm: HEIGHTS[nth] ?? [] })),
    limits: { ...LIMITS, adjacentMm: 0.03 },
    rise: 'none',
  });
  const counterbores = BORES.map((id, nth) => ({ id, counterboreMm: 9 + (nth % 3) * 0.03 }));
  const given = (flanges: readonly number[], fixed: boolean) =>
    linerArrange({
      bores: counterbores,
      liners: flanges.map((flangeMm, nth) => ({
        id: String(nth + 1),
        flangeMm,
        ...(fixed && { onlyBore: String(nth + 1) }),
      })),
      shims: [],
      shimRequired: false,
      maxShims: 0,
      limits: LIMITS,
      rise: 'none',
    });
  const flanges = [9.14, 9.08, 9.17, 9.11, 9.09, 9.1];
  return [
    linerPlanDrawing({
      bores: BORES,
      check,
      current: '2',
      description: 'Liners',
      figure,
      unread: '–',
    }),
    linerHeightsDrawing({
      bores: BORES,
      readingsMm: HEIGHTS,
      check,
      limits: LIMITS,
      description: 'Heights',
      figure,
    }),
    linerMovesDrawing({
      bores: BORES,
      standing: given(flanges, true),
      best: given(flanges, false),
      description: 'Moves',
      figure,
      asTheyAre: 'As they are',
      asTheyGo: 'As they go',
    }),
  ];
}

function cranks(): readonly Drawing[] {
  return demoSheets.flatMap((sheet) => {
    const mains = sheet.journals?.find(({ endFloat }) => endFloat !== undefined)?.count;
    if (mains === undefined) return [];
    const description = sheet.name;
    return [
      crankDrawing({ sheet, mains, capStanding: standing, description }),
      crankDrawing({ sheet, mains, throwStanding: standing, description }),
    ];
  });
}

function clocks(): readonly Drawing[] {
  return demoSheets.flatMap((sheet) => {
    const { rotation } = sheet;
    if (!rotation) return [];
    const firing = firingOf(sheet);
    return [0, 90, 360].map((barDeg) =>
      crankClockDrawing({
        rotation,
        firing,
        standsAtDeg: 30,
        barDeg,
        figure: `${barDeg}°`,
        captions: barDeg === 360 ? ['clockwise', '132 teeth', '900 mm'] : ['clockwise'],
        description: sheet.name,
      }),
    );
  });
}

function overheads(): readonly Drawing[] {
  return demoSheets.flatMap((sheet) => {
    const overhead = overheadFor(sheet, settingItems(sheet));
    if (typeof overhead === 'string') return [];
    const current = settable({ ...overhead, atDeg: 0 });
    const windows = cycleWindows(sheet);
    return [
      cylindersDrawing({ overhead, here: current, description: sheet.name }),
      valveWindowsDrawing({
        windows,
        cycleDeg: cycleDegrees(sheet.strokes),
        strokes:
          sheet.strokes === 4
            ? ['power', 'exhaust', 'inlet', 'compression']
            : ['power', 'compression'],
        nameOf: ({ what, name }) => name ?? what,
        degrees: (deg) => `${deg}°`,
        description: sheet.name,
      }),
    ];
  });
}

function leaves(): readonly Drawing[] {
  const over = (['valve', 'bridge', 'yoke'] as const).map((actsOn) =>
    leafDrawing({ spec: { gear: 'push-rod', actsOn }, item: 'intake', description: actsOn }),
  );
  const cam = { gear: 'overhead-cam', actsOn: 'valve' } as const;
  return [
    ...over,
    leafDrawing({ spec: cam, item: 'intake', description: 'Cam on shim' }),
    leafDrawing({ spec: cam, item: 'brake', description: 'Brake' }),
    leafDrawing({ spec: cam, item: 'actuator', description: 'Actuator' }),
  ];
}

function gaps(): readonly Drawing[] {
  const closing = [
    { hours: 0, mm: 0.35 },
    { hours: 400, mm: 0.31, setMm: 0.35 },
    { hours: 800, mm: 0.3, setMm: 0.34 },
    { hours: 1200, mm: 0.28 },
  ];
  const drawn = trendDrawing({
    readings: closing,
    closesAtMm: 0.15,
    found: lashTrend({ readings: closing, closesAtMm: 0.15 }),
    description: 'A gap over the hours',
    figure,
    hours: (hours) => `${hours} h`,
  });
  const { items } = standOut({
    items: [11.2, 11.4, 8.1, 11.3, 11.1].map((mm, nth) => ({ id: String(nth + 1), mm })),
    limitMm: 1,
  });
  return [...(drawn ? [drawn] : []), adjustersDrawing({ items, description: 'Adjusters' })];
}

function pistons(): readonly Drawing[] {
  return demoSheets.flatMap((sheet) => {
    const { rings = [], stagger, orientation } = sheet.pistons ?? {};
    const found = clockOf(sheet);
    return [
      ...(orientation
        ? [
            pistonWayDrawing({
              sheet,
              description: sheet.name,
              thrustSide: 'thrust',
              towards: 'fan end',
            }),
          ]
        : []),
      ...(found && stagger
        ? [
            ringClockDrawing({
              rings,
              found,
              thrustDeg: thrustDegOf(sheet) ?? 90,
              keepClearDeg: stagger.keepClearDeg,
              description: sheet.name,
              pin: 'pin',
              thrust: 'thrust',
              towards: 'fan end',
            }),
          ]
        : []),
    ];
  });
}

function wheels(): readonly Drawing[] {
  return demoSheets.flatMap(({ name, timing }) => {
    if (!timing) return [];
    const drawn = timingWheelsDrawing({
      timing,
      standing,
      description: name,
      teeth: (count) => `${count} teeth`,
      links: timing.links === undefined ? undefined : `${timing.links} links`,
    });
    return drawn ? [drawn] : [];
  });
}

function checks(): readonly Drawing[] {
  const map = tolvane.fastenedSets?.[0]?.map;
  return [
    boreDrawing({
      nominalMm: 105,
      readingsMm: { top: [105.12, 105.08], middle: [105.05, null], bottom: [null, null] },
      description: 'A bore',
      figure: (mm) => (mm === null ? '–' : figure(mm)),
    }),
    straightedgeDrawing({
      readings: [
        { line: 'long', gapMm: 0.12 },
        { line: 'cross', gapMm: 0.03 },
      ],
      limitMm: 0.05,
      current: 'diagonal-1',
      map,
      description: 'A head',
      figure,
    }),
  ];
}

function bench(): readonly Drawing[] {
  const slider = { strokeMm: 120, rodMm: 210, offsetMm: 2, crankDeg: 70 };
  const { belowTopMm } = pistonTravel(slider);
  return [
    feelerStackDrawing({ leavesMm: [0.3, 0.15, 0.05], description: 'Leaves', figure }),
    plungerDrawing({ share: 0.4, description: 'A plunger' }),
    plungerDrawing({ share: 1.2, description: 'A plunger, bottomed' }),
    rimDrawing({ deg: 100, description: 'Along the rim' }),
    rimDrawing({ deg: -250, description: 'Back along the rim' }),
    screwTurnDrawing({ deg: 200, direction: 'out', description: 'Out' }),
    screwTurnDrawing({ deg: 60, direction: 'in', description: 'In' }),
    sliderCrankDrawing({ ...slider, belowTopMm, description: 'Crank, rod and piston' }),
    wrenchDrawing({
      armMm: 420,
      adapterMm: 90,
      adapterDeg: 90,
      description: 'A wrench',
      arm: '420 mm',
    }),
    stopsDrawing({ stopsDeg: [352, 12], topDeg: 2, description: 'Two stops' }),
  ];
}

/** Every drawing, at least once. */
export function sampleDrawings(): readonly Drawing[] {
  return [
    ...maps(),
    ...sets
      .filter(({ set }) => byLengths(set))
      .map(({ set }) => boltLengthsDrawing({ set, description: set.name })),
    ...sets.slice(0, 2).map(({ set }) => clamped(set)),
    ...[40, 90].map((turnedDeg) =>
      protractorDrawing({ deg: 75, turnedDeg, description: `${turnedDeg} of 75` }),
    ),
    ...traces(),
    ...liners(),
    ...cranks(),
    ...clocks(),
    ...overheads(),
    ...leaves(),
    ...(['equalised', 'before'] as const).flatMap((step) =>
      [true, false].map((yoke) => bridgeDrawing({ step, yoke, description: step })),
    ),
    ...gaps(),
    ...pistons(),
    ...wheels(),
    ...checks(),
    ...bench(),
    ...demoSheets.map(({ name, layout }) =>
      cylinderLayoutDrawing({ layout, marked: [1, 3], description: name }),
    ),
  ];
}

/** A small shape that stands beside its word. */
interface SampleGlyph {
  readonly name: string;
  readonly frame: Frame;
  readonly shapes: readonly Shape[];
}

const VERDICTS: Readonly<Record<Verdict, true>> = {
  within: true,
  out: true,
  waiting: true,
  barred: true,
  now: true,
  ahead: true,
  leftOpen: true,
  past: true,
};
const VALVES: readonly ValveStanding[] = ['done', 'settable', 'leave-alone'];
const TREATMENTS = ['oil', 'dry', 'paste', 'sealant', 'coated', 'as-leaflet'] as const;
const REACH = GLYPH_MM + 4;

/** Every small shape. */
export function sampleGlyphs(): readonly SampleGlyph[] {
  const around = { x: -REACH, y: -REACH, width: 2 * REACH, height: 2 * REACH };
  return [
    ...(Object.keys(VERDICTS) as Verdict[]).map((name) => ({
      name,
      frame: VERDICT_FRAME,
      shapes: verdictShape(name),
    })),
    ...VALVES.flatMap((name) =>
      [true, false].map((inHand) => ({
        name: inHand ? `${name}, in hand` : name,
        frame: VALVE_FRAME,
        shapes: valveMark(name, inHand),
      })),
    ),
    ...TREATMENTS.map((name) => ({ name, frame: around, shapes: treatmentGlyph(name) })),
    {
      name: 'small trend',
      frame: SMALL_TREND,
      shapes: smallTrend({
        readings: [
          { hours: 0, mm: 0.4 },
          { hours: 500, mm: 0.3 },
        ],
        closesAtMm: 0.2,
      }),
    },
  ];
}
