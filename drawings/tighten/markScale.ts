import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { EDGE_MM } from './deck';

/** The size of map the marks were drawn for. */
const DRAWN_FOR = { widthMm: 612, heightMm: 400 } as const;

/**
 * How large a mark of a radius in millimetres of the map is drawn: read at arm's length, and no two
 * over each other.
 */
export function markScale(
  { map, fasteners }: Pick<FastenedSet, 'map' | 'fasteners'>,
  radiusMm: number,
): number {
  const toFit = Math.max(
    (map.widthMm + 2 * EDGE_MM) / DRAWN_FOR.widthMm,
    (map.heightMm + 2 * EDGE_MM) / DRAWN_FOR.heightMm,
  );
  const nearest = Math.min(
    ...fasteners.flatMap((fastener, place) =>
      fasteners
        .slice(place + 1)
        .map((other) => Math.hypot(fastener.xMm - other.xMm, fastener.yMm - other.yMm)),
    ),
    Infinity,
  );
  return Math.min(toFit, nearest / (2.2 * radiusMm));
}
