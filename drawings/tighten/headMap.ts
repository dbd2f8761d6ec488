import type { Side } from '@cardinex/core/job/facts/run';
import type { BoltStatus } from '@cardinex/core/job/run/views';
import type { TreatmentKind } from '@cardinex/core/sheet/spec/fastening';
import { polyline } from '../kit/coordinate';
import type { RowStanding } from '../checks/rowOfParts';
import { hexagon } from '../kit/polar';
import { box, circle, group, line, path, polygon, wordAbout, type Part } from '../kit/shapes';
import type { Drawing } from '../shape';
import { deckDrawing, throughLines, type DrawnSet } from './deck';
import { markScale } from './markScale';
import { treatmentGlyph } from './treatmentGlyph';

interface HeadMapFacts {
  readonly set: DrawnSet;
  readonly bolts: readonly {
    readonly id: string;
    readonly status: BoltStatus | RowStanding;
    /** Of one that two pull together, the ends that are on. */
    readonly sides?: readonly Side[];
  }[];
  readonly currentId: string | null;
  /** The end of it that is pulled here; either, where nobody says. */
  readonly currentEnd?: Side | undefined;
  readonly nextId: string | null;
  readonly description: string;
  /** What goes on each thread, where they differ. */
  readonly treatments?: ReadonlyMap<string, TreatmentKind> | undefined;
  /** What each got, written under its mark, in the reader's unit. */
  readonly values?: ReadonlyMap<string, string> | undefined;
  /** The one in sight was done earlier: its cross-hair has the colour of looking back. */
  readonly past?: boolean | undefined;
}

const BOLT_MM = 25;
/** How far below its bolt a value is written. */
const VALUE_MM = BOLT_MM * 1.75;

/**
 * A head from above, cylinder 1 at the left. Every standing has a shape of its own with the number
 * kept: hexagon to do, its lower half thick once one end is pulled, disc with a tick done, cross-hair
 * now, dashed next, triangle not so; outlined in a row that is said together, struck through where it is left out of it.
 * A bolt that goes through to a nut at its other end is drawn at both, joined by a line. Each bolt is a target by its id.
 */
export function headMapDrawing(facts: HeadMapFacts): Drawing {
  const { set, bolts, currentId, currentEnd, nextId, description, treatments, values } = facts;
  const boltOf = new Map(bolts.map((bolt) => [bolt.id, bolt]));
  const scale = markScale(set, BOLT_MM);
  const markAt = (
    { id, number }: DrawnSet['fasteners'][number],
    { xMm, yMm }: { readonly xMm: number; readonly yMm: number },
    end?: Side,
  ): Part => {
    const current = id === currentId && (!end || !currentEnd || end === currentEnd);
    const treatment = treatments?.get(id);
    const value = values?.get(id);
    return group(
      { x: xMm, y: yMm, scale, target: id },
      current
        ? boltInHand(number, facts.past ?? false)
        : bolt(number, standingAt(boltOf.get(id), end), id === nextId),
      treatment !== undefined && treatmentMark(treatment, current),
      // Under its mark, where no number stands.
      value !== undefined && wordAbout(0, VALUE_MM, 27, value, 'ink'),
    );
  };
  const marks = set.fasteners.map((fastener) => {
    const { farEnd } = fastener;
    if (!farEnd) return markAt(fastener, fastener);
    return [markAt(fastener, fastener, 'near'), markAt(fastener, farEnd, 'far')];
  });
  const written = set.fasteners.filter(({ id }) => values?.has(id)).map(({ yMm }) => yMm);
  const lowestMm = Math.max(0, ...written) + (VALUE_MM + 12) * scale;
  return deckDrawing(
    {
      kind: 'head-map',
      set,
      description,
      numberSize: 28 * scale,
      ...(written.length > 0 && { lowestMm }),
    },
    throughLines(set),
    marks,
  );
}

/** How one end of a bolt stands: of one that is half pulled, the end that is on is done. */
function standingAt(
  bolt: HeadMapFacts['bolts'][number] | undefined,
  end: Side | undefined,
): BoltStatus | RowStanding {
  const { status = 'open', sides = [] } = bolt ?? {};
  if (status !== 'half' || !end) return status;
  return sides.includes(end) ? 'done' : 'open';
}

/** At the lower right of its bolt, where no standing has a part of its shape. */
function treatmentMark(kind: TreatmentKind, current: boolean): Part {
  const off = BOLT_MM * (current ? 1.25 : 1.05);
  return group({ x: off, y: off }, treatmentGlyph(kind));
}

const HEXAGON = hexagon(BOLT_MM * 1.08);
/** Across a bolt that is left out of what is said of the others. */
const SLASH = BOLT_MM * 1.1;
const LOWER_HALF = polyline(HEXAGON.slice(0, 4));
const TICK = polyline([
  [BOLT_MM * 0.35, -BOLT_MM * 0.95],
  [BOLT_MM * 0.7, -BOLT_MM * 0.6],
  [BOLT_MM * 1.35, -BOLT_MM * 1.45],
]);

function boltInHand(number: string, past: boolean): Part {
  const reach = BOLT_MM * 1.75;
  const colour = past ? 'past' : 'now';
  return [
    line(-reach, 0, reach, 0, { stroke: colour, weight: 5 }),
    line(0, -reach, 0, reach, { stroke: colour, weight: 5 }),
    circle(0, 0, BOLT_MM * 1.3, { fill: colour }),
    wordAbout(0, 0, 36, number, past ? 'onPast' : 'onNow'),
  ];
}

function bolt(number: string, status: BoltStatus | RowStanding, next: boolean): Part {
  const name = wordAbout(0, 0, 28, number, 'ink');
  switch (status) {
    case 'done':
      return [
        circle(0, 0, BOLT_MM, { fill: 'within' }),
        path(TICK, { stroke: 'within', weight: 6 }),
        wordAbout(0, 0, 28, number, 'onWithin'),
      ];
    case 'failed':
    case 'contested':
      return [
        polygon(
          [
            [0, -34],
            [34, 24],
            [-34, 24],
          ],
          { fill: 'paper', stroke: 'stop', weight: 5 },
        ),
        wordAbout(0, 4, 26, number, 'stop'),
      ];
    case 'sweep':
      return [
        box(-BOLT_MM, -BOLT_MM, BOLT_MM * 2, BOLT_MM * 2, {
          fill: 'paper',
          stroke: 'waiting',
          weight: 5,
        }),
        name,
      ];
    case 'half':
      return [
        polygon(HEXAGON, { fill: 'paper', stroke: next ? 'now' : 'ink', weight: 4 }),
        path(LOWER_HALF, { stroke: 'within', weight: 11 }),
        name,
      ];
    case 'in-row':
      return [polygon(HEXAGON, { fill: 'tab', stroke: 'now', weight: 5 }), name];
    case 'left-out':
      return [
        polygon(HEXAGON, { fill: 'paper', stroke: 'ink', weight: 3, dash: [7, 5] }),
        line(-SLASH, SLASH, SLASH, -SLASH, { stroke: 'ink', weight: 4 }),
        wordAbout(0, 0, 28, number, 'soft'),
      ];
    case 'open':
      return [
        polygon(HEXAGON, {
          fill: 'paper',
          stroke: next ? 'now' : 'ink',
          weight: next ? 5 : 4,
          dash: next ? [10, 6] : undefined,
        }),
        name,
      ];
  }
}
