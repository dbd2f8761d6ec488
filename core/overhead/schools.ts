import type { Overhead, OverheadItem } from './barringInput';
import { barringPlan, type BarringPlan } from './barringPlan';
import { areCompanions, cycleDegrees, wrap } from './cycle';
import { planAt, type ChosenStop } from './planAt';

/** Ways to go round an engine; the first is used unless another is chosen. */
export const SCHOOLS = [
  'fewest',
  'book',
  'first-mark',
  'firing-order',
  'companion',
  'opening-closing',
] as const;
export type BarringSchool = (typeof SCHOOLS)[number];

interface SchoolOptions {
  /** Where the crank stands, after cylinder 1's firing top dead centre. */
  readonly startDeg?: number;
  /** The manual's own table, where it prints one. */
  readonly book?: readonly { readonly atDeg: number; readonly set: readonly string[] }[];
}

/**
 * The plan of one school.
 *
 * `fewest`: as few stops at dead centres as do, or at any degree where those do not reach all. `book`: the manual's table, which is trusted. `first-mark`:
 * only where cylinder 1's mark stands. `firing-order`: each cylinder at its own firing top.
 * `companion`: where the cylinder a turn apart is seen to rock. `opening-closing`: the inlet as the
 * exhaust just opens, the exhaust as the inlet has nearly closed.
 * @returns null where a school does not fit: no table, no companion for every cylinder, no inlets
 */
export function barringBySchool(
  school: BarringSchool,
  overhead: Overhead,
  { startDeg = 0, book }: SchoolOptions = {},
): BarringPlan | null {
  const cycle = cycleDegrees(overhead.strokes);
  const start = { startDeg };
  switch (school) {
    case 'fewest': {
      // Dead centres have marks; what none of them reaches is set at whatever degree it may be.
      const atMarks = barringPlan({ ...overhead, stops: 'tdc', startDeg });
      return atMarks.neverSettable.length === 0
        ? atMarks
        : barringPlan({ ...overhead, stops: 'any', startDeg });
    }
    case 'first-mark':
      return barringPlan({ ...overhead, stops: overhead.strokes === 4 ? [0, 360] : [0], startDeg });
    case 'book': {
      if (!book || book.length === 0) return null;
      const stops = book.map(({ atDeg, set }) => ({ atDeg, own: set }));
      return planAt(overhead, stops, { startDeg, trusted: true });
    }
    case 'firing-order':
      return planAt(
        overhead,
        overhead.firing.map(({ cylinder, atDeg }) => ({ atDeg, own: ownOf(overhead, cylinder) })),
        start,
      );
    case 'companion': {
      const stops = overhead.firing.flatMap(({ cylinder, atDeg }): ChosenStop[] => {
        const companion = overhead.firing.find((other) => areCompanions(atDeg, other.atDeg));
        if (overhead.strokes === 2 || !companion) return [];
        return [{ atDeg: wrap(companion.atDeg + 360, cycle), own: ownOf(overhead, cylinder) }];
      });
      return stops.length < overhead.firing.length ? null : planAt(overhead, stops, start);
    }
    case 'opening-closing':
      return openingClosing(overhead, start);
  }
}

/** How far a follower is let into its window to be seen moving, at its beginning or its end. */
const SEEN_DEG = 10;

function openingClosing(
  overhead: Overhead,
  start: { readonly startDeg: number },
): BarringPlan | null {
  const { strokes, firing, items } = overhead;
  if (strokes === 2) return null;
  const windowOf = (cylinder: number, kind: string): OverheadItem | undefined =>
    items.find((item) => item.cylinder === cylinder && item.kind === kind);
  const stops = firing.map(({ cylinder, atDeg }): readonly ChosenStop[] => {
    const [intake, exhaust] = [windowOf(cylinder, 'intake'), windowOf(cylinder, 'exhaust')];
    if (!intake || !exhaust) return [];
    const members = (kind: string): readonly string[] =>
      items.filter((item) => item.cylinder === cylinder && item.kind === kind).map(({ id }) => id);
    return [
      { atDeg: Math.round(atDeg + exhaust.active.fromDeg + SEEN_DEG), own: members('intake') },
      { atDeg: Math.round(atDeg + intake.active.toDeg - SEEN_DEG), own: members('exhaust') },
    ];
  });
  return stops.some((own) => own.length === 0) ? null : planAt(overhead, stops.flat(), start);
}

function ownOf({ items }: Overhead, cylinder: number): readonly string[] {
  return items.filter((item) => item.cylinder === cylinder).map(({ id }) => id);
}
