import { groupMark } from '@cardinex/core/sheet/groupMark';
import { groupOf } from '@cardinex/core/sheet/programmeOf';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { treatmentsOf } from '@cardinex/core/sheet/treatmentOf';
import { circle, group, polygon, word } from '../kit/shapes';
import type { Drawing, Point } from '../shape';
import { deckDrawing, throughLines, type DrawnSet } from './deck';
import { markScale } from './markScale';
import { treatmentGlyph } from './treatmentGlyph';

const MARK_MM = 24;
/** A shape for each length, so that none is told by its letter alone. */
const SHAPES: Readonly<Record<string, readonly Point[] | undefined>> = {
  B: [
    [-24, -24],
    [24, -24],
    [24, 24],
    [-24, 24],
  ],
  C: [
    [0, -30],
    [28, 22],
    [-28, 22],
  ],
};

/** Which bolt goes into which hole: a letter and a shape for each length, on the map of the head. */
export function boltLengthsDrawing(facts: {
  readonly set: FastenedSet;
  readonly description: string;
}): Drawing {
  const { set } = facts;
  const scale = markScale(set, MARK_MM);
  const treated = treatmentsOf(set);
  const { fasteners }: DrawnSet = set;
  const marks = fasteners.flatMap((fastener) => {
    const own = groupOf(set, fastener);
    const mark = own ? groupMark(set, own) : '';
    const shape = SHAPES[mark];
    const { xMm, yMm, farEnd } = fastener;
    const ends = [{ xMm, yMm }, ...(farEnd ? [farEnd] : [])];
    return ends.map((end) =>
      group(
        { x: end.xMm, y: end.yMm, scale },
        shape
          ? polygon(shape, { fill: 'paper', stroke: 'now', weight: 5 })
          : circle(0, 0, MARK_MM, { fill: 'paper', stroke: 'ink', weight: 4 }),
        word(0, 11, 30, mark, shape ? 'now' : 'ink'),
        treated.has(fastener.id) &&
          own &&
          group({ x: MARK_MM * 1.15, y: MARK_MM * 1.15 }, treatmentGlyph(own.treatment.kind)),
      ),
    );
  });
  return deckDrawing({ kind: 'bolt-lengths', ...facts }, throughLines(set), marks);
}
