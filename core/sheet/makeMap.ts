import { requirePositive, ReckoningFault } from '../quantity/reckoningFault';
import type { SheetFastener, SetMap } from './spec/fastening';

/** Room left round the outermost fasteners. */
const MARGIN_MM = 30;

/** Most fasteners in one set. */
const MOST = 200;

export interface MadeMap {
  readonly map: Pick<SetMap, 'widthMm' | 'heightMm'>;
  /** Numbered as they lie, until someone taps them in the manual's order. */
  readonly fasteners: readonly SheetFastener[];
}

/**
 * A map of fasteners in rows and columns, as most heads have them: rows run along the engine from
 * the cylinder-1 end.
 * @throws ReckoningFault naming the field
 * @example mapFromRows({ rows: 2, columns: 5, alongMm: 125, acrossMm: 190 }) // ten head bolts
 */
export function mapFromRows(input: {
  readonly rows: number;
  readonly columns: number;
  readonly alongMm: number;
  readonly acrossMm: number;
}): MadeMap {
  const { rows, columns, alongMm, acrossMm } = input;
  requireCount('rows', rows);
  requireCount('columns', columns);
  requireCount('columns', rows * columns);
  requirePositive('alongMm', alongMm);
  requirePositive('acrossMm', acrossMm);
  const places = Array.from({ length: rows * columns }, (_, n) => ({
    xMm: MARGIN_MM + (n % columns) * alongMm,
    yMm: MARGIN_MM + Math.floor(n / columns) * acrossMm,
  }));
  return {
    map: {
      widthMm: 2 * MARGIN_MM + (columns - 1) * alongMm,
      heightMm: 2 * MARGIN_MM + (rows - 1) * acrossMm,
    },
    fasteners: places.map(numbered),
  };
}

/**
 * A map of fasteners on a bolt circle: flywheels, pulleys, separate cylinders.
 * @param input.fromDeg where the first stands, clockwise from the top; default 0
 * @throws ReckoningFault naming the field
 */
export function mapFromCircle(input: {
  readonly count: number;
  readonly diaMm: number;
  readonly fromDeg?: number;
}): MadeMap {
  const { count, diaMm, fromDeg = 0 } = input;
  requireCount('count', count);
  requirePositive('diaMm', diaMm);
  const middle = diaMm / 2 + MARGIN_MM;
  const places = Array.from({ length: count }, (_, n) => {
    const turned = ((fromDeg + (n * 360) / count) * Math.PI) / 180;
    return {
      xMm: tenths(middle + (diaMm / 2) * Math.sin(turned)),
      yMm: tenths(middle - (diaMm / 2) * Math.cos(turned)),
    };
  });
  return { map: { widthMm: 2 * middle, heightMm: 2 * middle }, fasteners: places.map(numbered) };
}

/**
 * The same fasteners, printed numbers given in the order they were tapped; those not tapped follow
 * as they lie.
 */
export function numberedByTaps(
  fasteners: readonly SheetFastener[],
  tapped: readonly string[],
): readonly SheetFastener[] {
  const order = [...tapped, ...fasteners.map((f) => f.id).filter((id) => !tapped.includes(id))];
  return fasteners.map((fastener) => ({
    ...fastener,
    number: String(order.indexOf(fastener.id) + 1),
  }));
}

/**
 * One fastener more, with an id and a number of its own, beside the one it is added to: on the side
 * where it stands furthest from all others.
 * @param beside id of the fastener it is added to; the last when there is none of that id
 */
export function withAnother(
  fasteners: readonly SheetFastener[],
  beside: string | null,
): { readonly fasteners: readonly SheetFastener[]; readonly added: string } {
  const by = fasteners.find((f) => f.id === beside) ?? fasteners.at(-1);
  const { xMm, yMm } = by ?? { xMm: MARGIN_MM, yMm: MARGIN_MM };
  const room = ([x, y]: readonly [number, number]): number =>
    Math.min(...fasteners.map((f) => Math.hypot(f.xMm - x, f.yMm - y)));
  const places = [
    [xMm + MARGIN_MM, yMm],
    [xMm - MARGIN_MM, yMm],
    [xMm, yMm + MARGIN_MM],
    [xMm, yMm - MARGIN_MM],
  ] as const;
  const [x, y] = places
    .filter(([left, top]) => left >= 0 && top >= 0)
    .reduce((best, place) => (room(place) > room(best) ? place : best));
  const number = fasteners.length + 1;
  const ids = new Set(fasteners.map((f) => f.id));
  let count = number;
  while (ids.has(`f${count}`)) count += 1;
  const added = {
    id: `f${count}`,
    number: String(number),
    xMm: x,
    yMm: y,
    ...(by?.group !== undefined && { group: by.group }),
  };
  return { fasteners: [...fasteners, added], added: added.id };
}

function numbered(place: { readonly xMm: number; readonly yMm: number }, n: number): SheetFastener {
  return { id: `f${n + 1}`, number: String(n + 1), ...place };
}

function requireCount(field: string, count: number): void {
  if (Number.isInteger(count) && count >= 1 && count <= MOST) return;
  throw new ReckoningFault(field, 'not-that-many', { most: MOST });
}

function tenths(value: number): number {
  return Math.round(value * 10) / 10;
}
