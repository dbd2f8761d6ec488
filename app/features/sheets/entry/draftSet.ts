import type { FastenedSet, SheetFastener } from '@cardinex/core/sheet/spec/fastening';

/** What of a set can be drawn, however little of it has been entered. */
export type DrawableSet = Pick<FastenedSet, 'map' | 'fasteners' | 'instances'>;

/** A draft's set as far as it can be drawn; null before it has fasteners. */
export function drawable(value: unknown): DrawableSet | null {
  if (typeof value !== 'object' || value === null) return null;
  const { map, fasteners, instances } = value as {
    map?: Partial<FastenedSet['map']>;
    fasteners?: unknown;
    instances?: unknown;
  };
  const placed = Array.isArray(fasteners) ? fasteners.filter(isPlaced) : [];
  if (placed.length === 0) return null;
  const { widthMm = 100, heightMm = 100, seenFrom = '', bores = [] } = map ?? {};
  const isDrawn = (bore: { xMm?: unknown; yMm?: unknown; diaMm?: unknown }): boolean =>
    [bore.xMm, bore.yMm, bore.diaMm].every((n) => typeof n === 'number');
  return {
    map: {
      widthMm: Number(widthMm) || 100,
      heightMm: Number(heightMm) || 100,
      seenFrom: String(seenFrom),
      bores: Array.isArray(bores) ? bores.filter(isDrawn) : [],
    },
    fasteners: placed,
    instances: Array.isArray(instances) ? instances.map(String) : ['1'],
  };
}

function isPlaced(value: unknown): value is SheetFastener {
  if (typeof value !== 'object' || value === null) return false;
  const { id, xMm, yMm } = value as Partial<SheetFastener>;
  return typeof id === 'string' && typeof xMm === 'number' && typeof yMm === 'number';
}
