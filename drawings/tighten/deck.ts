import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { box, circle, line, shapes, wordAbout, type Part } from '../kit/shapes';
import type { Drawing, DrawingKind } from '../shape';

/** What is drawn of a fastened set: a deck of a sheet, or one that was only typed. */
export type DrawnSet = Pick<FastenedSet, 'map' | 'instances'> & {
  readonly name?: string;
  /** Is the map this instance's own, and not one for all? */
  readonly isOwnMap?: true;
  readonly fasteners: readonly (FastenedSet['fasteners'][number] & {
    /** Where the other end of one that goes through is seen. */
    readonly farEnd?: { readonly xMm: number; readonly yMm: number };
  })[];
};

/** Room round the deck for the marks that stand over its edge. */
export const EDGE_MM = 26;

interface DeckFacts {
  readonly kind: DrawingKind;
  readonly set: Omit<DrawnSet, 'fasteners'>;
  readonly description: string;
  /** Of the cylinder's number in its bore; none where bores are not numbered. */
  readonly numberSize?: number;
  /** How far down something is written below the marks; the frame goes as far. */
  readonly lowestMm?: number | undefined;
}

/** From end to end of each bolt that goes through, behind all marks. */
export function throughLines({ fasteners }: Pick<DrawnSet, 'fasteners'>): readonly Part[] {
  return fasteners.map(
    ({ xMm, yMm, farEnd }) =>
      farEnd &&
      line(xMm, yMm, farEnd.xMm, farEnd.yMm, { stroke: 'soft', weight: 4, dash: [10, 8] }),
  );
}

/** A deck from above with its bores, cylinder 1 at the left, in millimetres; its fasteners are drawn onto it. */
export function deckDrawing(facts: DeckFacts, ...fasteners: readonly Part[]): Drawing {
  const { kind, set, description, numberSize = 0, lowestMm = 0 } = facts;
  const { widthMm, heightMm, bores = [] } = set.map;
  // One map for several of a kind bears no numbers: they would be the first one's.
  const numbered = numberSize > 0 && (set.instances.length === 1 || set.isOwnMap === true);
  return {
    kind,
    description,
    subject: set.name,
    frame: {
      x: -EDGE_MM,
      y: -EDGE_MM,
      width: widthMm + 2 * EDGE_MM,
      height: Math.max(heightMm + EDGE_MM, lowestMm) + EDGE_MM,
    },
    shapes: shapes(
      box(0, 0, widthMm, heightMm, { corner: 20, stroke: 'ink', weight: { lines: 1.8 } }),
      bores.map(({ cylinder, xMm, yMm, diaMm }) => [
        circle(xMm, yMm, diaMm / 2 - 4, { stroke: 'soft', weight: { lines: 1 } }),
        numbered && wordAbout(xMm, yMm, numberSize, String(cylinder), 'soft'),
      ]),
      fasteners,
    ),
  };
}
