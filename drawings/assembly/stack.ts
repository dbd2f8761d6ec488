import { assemblyGraph } from '@cardinex/core/sheet/assembly/assemblyGraph';
import type { Piece } from '@cardinex/core/sheet/assembly/assemblyOf';
import { bearingCount, type Instance } from '@cardinex/core/sheet/assembly/instances';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import {
  box,
  circle,
  group,
  line,
  polygon,
  shapes,
  sizeWithin,
  word,
  type Part,
} from '../kit/shapes';
import type { Drawing, Look } from '../shape';
import { pieceShape, type PieceBox } from './pieceShape';

/** How a piece stands: on, off, next to be done, waiting for something, or what is to be got at. */
export type PieceStanding = 'on' | 'off' | 'next' | 'waits' | 'target';

interface StackFacts {
  readonly sheet: EngineSheet;
  readonly standing: (instance: string) => PieceStanding;
  /** What stands beside a piece: its place in the order. */
  readonly note?: (piece: string) => string | undefined;
  readonly name: (piece: Piece) => string;
  /** What each end is called, cylinder 1's first. */
  readonly ends: readonly [string, string];
  readonly description: string;
  /** With room between the pieces, as on a wide screen or on paper. */
  readonly wide?: boolean;
}

/** Sizes on a phone, and wide. */
const NARROW = { width: 360, label: 128, row: 19, size: 13, end: 26, line: 15 };
const WIDE = { width: 760, label: 210, row: 25, size: 16, end: 48, line: 20 };
type Sizes = typeof NARROW;

const BANK_GAP = 12;

/**
 * The engine as its pieces, one row each, laid out as they go together: what is taken off first on top, each
 * piece over the cylinders, valves or bearings it is over, what sits on an end at that end. Each kind has a
 * plain shape of its own. On is solid, off is dashed, next is heavy between two ticks, what waits has a clock,
 * what is to be got at is filled: told apart by shape. A piece is touched by its name, each instance by itself.
 */
export function stackDrawing(facts: StackFacts): Drawing {
  const { sheet, name, note, ends, description, wide = false } = facts;
  const sizes = wide ? WIDE : NARROW;
  const { instances, assembly } = assemblyGraph(sheet);
  const columns = columnsOf(sheet, sizes);
  const top = (columns.banks.length > 0 ? 3 : 2) * sizes.line + 4;
  const height = top + assembly.pieces.length * sizes.row + 4;
  return {
    kind: 'stack',
    description,
    frame: { x: 0, y: 0, width: sizes.width, height },
    shapes: shapes(
      header(columns, sizes, ends),
      assembly.pieces.map((piece, at) => {
        const y = top + at * sizes.row;
        const own = instances.filter(({ of }) => of === piece.id);
        const noted = note?.(piece.id);
        const label = name(piece);
        const room = sizes.label - (noted === undefined ? 4 : 24);
        return [
          at % 2 === 1 && box(0, y, sizes.width, sizes.row, { fill: 'tab', opacity: 0.35 }),
          group(
            { target: piece.id },
            box(0, y, sizes.label, sizes.row, { fill: 'paper', opacity: 0.01 }),
            word(
              sizes.label - 4,
              y + sizes.row * 0.7,
              sizeWithin(room, sizes.size, label),
              label,
              own.some(({ id }) => facts.standing(id) !== 'on') ? 'ink' : 'soft',
              { anchor: 'end', face: 'label' },
            ),
          ),
          noted !== undefined &&
            word(2, y + sizes.row * 0.7, sizes.size, noted, 'now', { anchor: 'start' }),
          own.map((instance) =>
            drawn(instance, piece, facts.standing(instance.id), {
              y: y + 2,
              height: sizes.row - 4,
              columns,
            }),
          ),
        ];
      }),
    ),
  };
}

/** Where a piece stands along the engine. */
type Span = Pick<PieceBox, 'x' | 'width'>;

interface Columns {
  /** The middle of each cylinder's column. */
  readonly cylinder: ReadonlyMap<number, number>;
  readonly pitch: number;
  /** The middle of each valve's part of its column. */
  readonly valve: ReadonlyMap<string, number>;
  readonly valvePitch: number;
  readonly bearing: (n: number) => number;
  readonly from: number;
  readonly to: number;
  /** Where what sits on an end is drawn: the cylinder-1 end's first. */
  readonly end: readonly [Span, Span];
  /** The end that a kind of piece sits on; null for what lies along the engine. */
  readonly endOf: (piece: Piece) => 0 | 1 | null;
  readonly banks: readonly { readonly name: string; readonly x: number }[];
}

function columnsOf(sheet: EngineSheet, { width, label, end }: Sizes): Columns {
  const from = label + end + 6;
  const to = width - end - 6;
  const { banks } = sheet.layout;
  const count = banks.reduce((sum, bank) => sum + bank.cylinders.length, 0);
  const pitch = (to - from - BANK_GAP * (banks.length - 1)) / Math.max(1, count);
  const cylinder = new Map<number, number>();
  let x = from;
  const named = banks.map((bank) => {
    const start = x;
    for (const number of bank.cylinders) {
      cylinder.set(number, x + pitch / 2);
      x += pitch;
    }
    const middle = (start + x) / 2;
    x += BANK_GAP;
    return { name: bank.name, x: middle };
  });
  const valves = sheet.overhead?.valves ?? [];
  const most = Math.max(
    1,
    ...[...cylinder.keys()].map((n) => valves.filter((v) => v.cylinder === n).length),
  );
  const valvePitch = pitch / most;
  const valve = new Map(
    valves.map(({ id, cylinder: of }) => {
      const place = valves.filter((v) => v.cylinder === of).findIndex((v) => v.id === id);
      return [id, (cylinder.get(of) ?? from) - pitch / 2 + valvePitch * (place + 0.5)];
    }),
  );
  const bearings = bearingCount(sheet);
  return {
    cylinder,
    pitch,
    valve,
    valvePitch,
    bearing: (n) => from + ((n - 0.5) / bearings) * (to - from),
    from,
    to,
    end: [
      { x: label + 2, width: end },
      { x: to + 4, width: end },
    ],
    endOf: endFinder(sheet),
    banks: banks.length > 1 ? named : [],
  };
}

/** Flywheel and pulley sit on their ends; the drive, and what shuts it, on the end it is seen from. */
function endFinder(sheet: EngineSheet): (piece: Piece) => 0 | 1 | null {
  const { cylinder1End, otherEnd, timing } = sheet;
  const flywheel = cylinder1End === 'flywheel' ? 0 : 1;
  const away = flywheel === 0 ? 1 : 0;
  const drive = timing?.seenFrom === undefined ? away : timing.seenFrom === otherEnd ? 1 : 0;
  const { pieces } = assemblyGraph(sheet).assembly;
  const kindOf = new Map(pieces.map(({ id, kind }) => [id, kind]));
  return ({ kind, per, shuts = [] }) => {
    if (per !== undefined && per !== 'engine') return null;
    if (kind === 'flywheel') return flywheel;
    if (kind === 'pulley' || kind === 'belt') return away;
    if (kind === 'drive') return drive;
    const shut = shuts.map((reference) => kindOf.get(headOf(reference)));
    if (kind === 'housing' && shut.every((other) => other === 'crank') && shut.length > 0)
      return flywheel;
    const over = kind === 'cover' || kind === 'housing';
    return over &&
      shut.includes('drive') &&
      !shut.includes('rocker-shaft') &&
      !shut.includes('bearing-cap')
      ? drive
      : null;
  };
}

/** The ends by name, the banks where there are several, and a number over each cylinder. */
function header(
  columns: Columns,
  { size, width, line: lead }: Sizes,
  ends: readonly [string, string],
): Part {
  const { banks, cylinder } = columns;
  const numbers = (banks.length > 0 ? 3 : 2) * lead - 2;
  const ofBank = size - 2;
  return [
    word(2, lead - 3, ofBank, ends[0], 'soft', { anchor: 'start', face: 'label' }),
    word(width - 2, lead - 3, ofBank, ends[1], 'soft', { anchor: 'end', face: 'label' }),
    banks.map(({ name, x }) => word(x, 2 * lead - 3, ofBank, name, 'soft', { face: 'label' })),
    [...cylinder].map(([number, x]) => word(x, numbers, size - 1, String(number), 'ink')),
  ];
}

const LOOKS: Readonly<Record<PieceStanding, Look>> = {
  on: { fill: 'paper', stroke: 'ink', weight: { lines: 1 } },
  off: { stroke: 'soft', weight: { lines: 1 }, dash: [3, 3] },
  next: { fill: 'paper', stroke: 'now', weight: { lines: 2.2 } },
  waits: { fill: 'paper', stroke: 'waiting', weight: { lines: 1 }, dash: [7, 3] },
  target: { fill: 'now', stroke: 'now', weight: { lines: 1.4 } },
};

function drawn(
  { id, over }: Instance,
  piece: Piece,
  standing: PieceStanding,
  row: { readonly y: number; readonly height: number; readonly columns: Columns },
): Part {
  const look = LOOKS[standing];
  const shape = pieceShape(piece.kind);
  const places = placesOf(over, piece, row.columns).map((place) => ({
    ...place,
    y: row.y,
    height: row.height,
  }));
  return group(
    { target: id },
    places.map((place) => [
      // A dashed shape is as easily touched as a filled one.
      box(place.x - 1, place.y - 1, place.width + 2, place.height + 2, {
        fill: 'paper',
        opacity: 0.01,
      }),
      shape(place, look),
      standing === 'next' && ticks(place),
      standing === 'waits' && clock(place),
    ]),
  );
}

/** One place for each run of neighbours that it is over. */
function placesOf(
  { cylinders, bearings, valves }: Instance['over'],
  piece: Piece,
  columns: Columns,
): readonly Span[] {
  const { pitch, valvePitch, from, to } = columns;
  if (valves) {
    const width = Math.max(4, valvePitch * 0.62);
    return [...valves].map((id) => ({ x: (columns.valve.get(id) ?? from) - width / 2, width }));
  }
  if (cylinders) {
    const middles = [...cylinders]
      .flatMap((n) => columns.cylinder.get(n) ?? [])
      .sort((a, b) => a - b);
    const runs: number[][] = [];
    for (const x of middles) {
      const run = runs.at(-1);
      if (run && x - (run.at(-1) ?? 0) < pitch * 1.2) run.push(x);
      else runs.push([x]);
    }
    return runs.map((run) => {
      const inset = run.length === 1 ? 0.72 : 0.9;
      const start = (run[0] ?? from) - (pitch * inset) / 2;
      return { x: start, width: (run.at(-1) ?? from) + (pitch * inset) / 2 - start };
    });
  }
  if (bearings) return [...bearings].map((n) => ({ x: columns.bearing(n) - 6, width: 12 }));
  const end = columns.endOf(piece);
  if (end !== null) {
    return [columns.end[end]];
  }
  const small = SMALL.includes(piece.kind);
  const middle = (from + to) / 2;
  return small ? [{ x: middle - 14, width: 28 }] : [{ x: from, width: to - from }];
}

/** Of these one stands somewhere on the engine, and does not reach along it. */
const SMALL: readonly string[] = [
  'pump',
  'turbo',
  'filter',
  'sensor',
  'accessory',
  'plug',
  'drive',
];

/** Two short lines either side: the way to what is next. */
function ticks({ x, y, width, height }: PieceBox): Part {
  const middle = y + height / 2;
  const look: Look = { stroke: 'now', weight: { lines: 1.6 } };
  return [
    line(x - 6, middle, x - 2, middle, look),
    line(x + width + 2, middle, x + width + 6, middle, look),
  ];
}

/** A clock face with a quarter gone. */
function clock({ x, y, width, height }: PieceBox): Part {
  const r = Math.min(6, height / 2);
  const [cx, cy] = [x + width / 2, y + height / 2];
  return [
    circle(cx, cy, r, { fill: 'paper', stroke: 'waiting', weight: { lines: 1 } }),
    polygon(
      [
        [cx, cy],
        [cx, cy - r],
        [cx + r, cy],
      ],
      { fill: 'waiting' },
    ),
  ];
}
