import type { Point } from '@cardinex/core/job/facts/layers';
import { withPoints } from '@cardinex/core/job/differences';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { pointerSteps } from '@cardinex/core/sheet/pointer';
import { pointerTo } from '@cardinex/core/sheet/place';
import { engineSheetSchema } from './engineSheet';
import { faultsOfZod, read, type ShapeFault } from '../faults';

/**
 * Whether what a leaflet or a deviation says has the shape a sheet has at those places.
 * @returns what is wrong, each at the point it is wrong in: "points[2].to.value"
 */
export function pointFaults(base: EngineSheet, points: readonly Point[]): readonly ShapeFault[] {
  const parsed = read(engineSheetSchema, withPoints(base, points));
  if (parsed.success) return [];
  const places = points.map(({ at }) => pathText(pointerTo(base, at) ?? ''));
  return faultsOfZod(parsed.error).map(({ at, says }) => {
    const n = places.findIndex((place) => place !== '' && at.startsWith(place));
    return n < 0
      ? { at: 'points', says }
      : { at: `points[${n}].to${at.slice(places[n]?.length)}`, says };
  });
}

/** A pointer as faults are placed: "fastenedSets[0].programme". */
function pathText(pointer: string): string {
  return pointerSteps(pointer)
    .map((step) => (/^\d+$/.test(step) ? `[${step}]` : `.${step}`))
    .join('')
    .replace(/^\./, '');
}
