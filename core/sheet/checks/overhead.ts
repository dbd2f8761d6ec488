import { cycleDegrees } from '../../overhead/cycle';
import { valveWindows } from '../../overhead/valveWindows';
import { ReckoningFault } from '../../quantity/reckoningFault';
import { cylindersOf, type EngineSheet } from '../engineSheet';
import { compareBookTable } from '../compareBookTable';
import type { CycleWindow, OverheadSpec, ValveKind } from '../spec/overhead';
import {
  doubt,
  fault,
  repeatedIds,
  repeats,
  type SheetFinding,
  type SheetFindingCode,
} from './finding';
import { unknownCylinders } from './identity';

/** An overlap outside these, in crank degrees, is rather a slip of the pen than an engine. */
const LIKELY_OVERLAP_DEG = { least: -20, most: 140 } as const;

/** Valves, cam events, gaps, the book's table, injectors, brakes and actuators. */
export function checkOverhead(sheet: EngineSheet): SheetFinding[] {
  const spec = sheet.overhead;
  if (!spec) return [];
  const events = camFindings(sheet, spec);
  return [
    ...valveFindings(sheet, spec),
    ...events,
    ...gapFindings(spec),
    ...tableFindings(
      sheet,
      spec,
      events.every((finding) => !finding.bars),
    ),
    ...extraFindings(sheet, spec),
  ];
}

function valveFindings(sheet: EngineSheet, { valves }: OverheadSpec): SheetFinding[] {
  const at = 'overhead.valves';
  const known = cylindersOf(sheet);
  return [
    ...repeatedIds(at, valves),
    ...valves.flatMap(({ cylinder, kind }, place) => {
      const findings: SheetFinding[] = [];
      if (!known.includes(cylinder)) {
        findings.push(fault(`${at}[${place}].cylinder`, 'unknown-cylinder', { cylinder }));
      }
      if (sheet.strokes === 2 && kind === 'intake') {
        findings.push(fault(`${at}[${place}].kind`, 'two-stroke-intake'));
      }
      return findings;
    }),
    ...missingValves(known, valves),
  ];
}

/** Cylinders without any valve while there is none at all; else without a kind of valve that others have. */
function missingValves(
  cylinders: readonly number[],
  valves: OverheadSpec['valves'],
): readonly SheetFinding[] {
  const at = 'overhead.valves';
  if (valves.length === 0)
    return cylinders.map((cylinder) => doubt(at, 'valve-without-gap', { cylinder }));
  const kinds = [...new Set(valves.map(({ kind }) => kind))];
  return cylinders.flatMap((cylinder) =>
    kinds
      .filter((kind) => !valves.some((valve) => valve.cylinder === cylinder && valve.kind === kind))
      .map((kind) => fault(at, 'valve-missing', { cylinder, kind })),
  );
}

const EVENT_FAULTS: Readonly<Record<string, SheetFindingCode>> = {
  'missing-partner': 'cam-event-missing',
  'wrong-for-strokes': 'cam-event-foreign',
};

function camFindings(sheet: EngineSheet, { camEvents, valves }: OverheadSpec): SheetFinding[] {
  if (!camEvents) return [];
  const at = 'overhead.camEvents';
  if (camEvents.strokes !== sheet.strokes) {
    return [fault(`${at}.strokes`, 'strokes-differ', { strokes: sheet.strokes })];
  }
  const { from: _from, source: _source, ...events } = camEvents;
  try {
    const windows = valveWindows(events);
    if (valves.some((valve) => valve.kind === 'intake') && !windows.intake) {
      return [fault(`${at}.ivoBtdcDeg`, 'cam-event-missing')];
    }
    if (!windows.intake || !windows.exhaust) return [];
    const overlap = windows.exhaust.toDeg - windows.intake.fromDeg;
    const { least, most } = LIKELY_OVERLAP_DEG;
    return overlap >= least && overlap <= most ? [] : [doubt(at, 'overlap-strange', { overlap })];
  } catch (error) {
    if (!(error instanceof ReckoningFault)) throw error;
    return [fault(`${at}.${error.field}`, EVENT_FAULTS[error.code] ?? 'window-impossible')];
  }
}

function gapFindings(spec: OverheadSpec): SheetFinding[] {
  const findings: SheetFinding[] = [];
  if (spec.adjust === 'hydraulic') {
    if (!spec.hydraulic) findings.push(doubt('overhead.hydraulic', 'hydraulic-missing'));
    return findings;
  }
  if (spec.adjust === 'screw' && !spec.screw) findings.push(doubt('overhead.screw', 'no-screw'));
  if (spec.adjust === 'shim' && !spec.tappetShims)
    findings.push(doubt('overhead.tappetShims', 'no-shims'));
  const kinds = new Set(spec.valves.map((valve) => valve.kind));
  for (const kind of ['intake', 'exhaust'] satisfies ValveKind[]) {
    const clearance = spec.clearances?.[kind];
    if (kinds.has(kind) && !clearance?.cold && !clearance?.hot) {
      findings.push(doubt(`overhead.clearances.${kind}`, 'gap-missing', { kind }));
    }
    for (const state of ['cold', 'hot'] as const) {
      const low = clearance?.[state]?.low;
      if (low && low.value <= 0) {
        findings.push(fault(`overhead.clearances.${kind}.${state}.low.value`, 'must-be-positive'));
      }
    }
  }
  return findings;
}

function tableFindings(
  sheet: EngineSheet,
  spec: OverheadSpec,
  eventsHold: boolean,
): SheetFinding[] {
  const table = spec.bookTable;
  if (!table) return [];
  const at = 'overhead.bookTable.positions';
  const known = new Set(spec.valves.map((valve) => valve.id));
  const cycle = cycleDegrees(sheet.strokes);
  const named = table.positions.flatMap((position, p) =>
    position.set.map((valve, v) => ({ valve, at: `${at}[${p}].set[${v}]` })),
  );
  const findings: SheetFinding[] = [
    ...named.flatMap((entry) =>
      known.has(entry.valve) ? [] : [fault(entry.at, 'unknown-valve', { valve: entry.valve })],
    ),
    ...repeats(named.map((entry) => entry.valve)).map(({ place, value }) =>
      fault(named[place]?.at ?? at, 'book-repeats', { valve: value }),
    ),
    ...table.positions.flatMap(({ atDeg }, place) =>
      atDeg < cycle
        ? []
        : [fault(`${at}[${place}].atDeg`, 'angle-outside-cycle', { atDeg, cycle })],
    ),
  ];
  const covered = new Set(named.map((entry) => entry.valve));
  const missed = [...known].filter((valve) => !covered.has(valve));
  if (missed.length > 0) findings.push(doubt(at, 'book-misses', { valves: missed.join(', ') }));
  return eventsHold && findings.every((f) => !f.bars) && canReckon(sheet)
    ? [...findings, ...doubtfulPositions(sheet)]
    : findings;
}

/** May the plan be reckoned at all, or do other checks have something to say first? */
function canReckon(sheet: EngineSheet): boolean {
  const cylinders = cylindersOf(sheet);
  const order = sheet.firing?.order ?? [];
  const fires = new Set(order);
  return (
    sheet.overhead?.adjust !== 'hydraulic' &&
    fires.size === order.length &&
    cylinders.every((cylinder) => fires.has(cylinder)) &&
    order.every((cylinder) => cylinders.includes(cylinder)) &&
    (sheet.overhead?.valves.every((valve) => fires.has(valve.cylinder)) ?? false) &&
    repeats(sheet.overhead?.valves.map((valve) => valve.id) ?? []).length === 0
  );
}

/** Where the book's table and the cam events differ: the book wins, and someone should know. */
function doubtfulPositions(sheet: EngineSheet): SheetFinding[] {
  return (compareBookTable(sheet)?.doubtful ?? []).map(({ valve, atDeg, clearanceDeg }) =>
    doubt('overhead.bookTable', 'book-doubtful', { valve, atDeg, clearanceDeg }),
  );
}

function extraFindings(sheet: EngineSheet, spec: OverheadSpec): SheetFinding[] {
  const window = (at: string, entry: CycleWindow | undefined): SheetFinding[] => {
    if (!entry) return [];
    if ('as' in entry) {
      return sheet.strokes === 2 && entry.as === 'intake'
        ? [fault(`${at}.window.as`, 'two-stroke-intake')]
        : [];
    }
    const length = entry.toDeg - entry.fromDeg;
    return length > 0 && length < cycleDegrees(sheet.strokes)
      ? []
      : [fault(`${at}.window.toDeg`, 'window-impossible')];
  };
  const { injectors, brakes, actuators } = spec;
  return [
    ...window('overhead.injectors', injectors?.window),
    ...(
      [
        ['brakes', brakes],
        ['actuators', actuators],
      ] as const
    ).flatMap(([name, extra]) => {
      const at = `overhead.${name}`;
      return extra
        ? [
            ...window(at, extra.window),
            ...unknownCylinders(sheet, `${at}.cylinders`, extra.cylinders ?? []),
          ]
        : [];
    }),
  ];
}
