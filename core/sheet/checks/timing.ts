import type { EngineSheet } from '../engineSheet';
import { fault, repeatedIds, type SheetFinding } from './finding';

/** Wheels nearer than this have one centre typed for the other's: they could not be drawn. */
const SAME_PLACE_MM = 1;

/** Marks that stand on wheels which are there, and links that are counted where a mark needs them. */
export function checkTiming({ timing }: EngineSheet): SheetFinding[] {
  if (!timing) return [];
  const { marks, wheels = [], markPlaces = [], links } = timing;
  const known = new Set(wheels.map(({ id }) => id));
  return [
    ...repeatedIds('timing.wheels', wheels),
    ...wheels.flatMap(({ name, xMm, yMm }, place) => {
      const before = wheels
        .slice(0, place)
        .find((other) => Math.hypot(other.xMm - xMm, other.yMm - yMm) < SAME_PLACE_MM);
      return before
        ? [fault(`timing.wheels[${place}]`, 'same-place', { one: name, other: before.name })]
        : [];
    }),
    ...markPlaces.flatMap(({ mark, wheel, meets, onLink }, place) => {
      const at = `timing.markPlaces[${place}]`;
      const unknown = (['wheel', 'meets'] as const).flatMap((field) => {
        const id = { wheel, meets }[field];
        return id === undefined || known.has(id)
          ? []
          : [fault(`${at}.${field}`, 'unknown-wheel', { id })];
      });
      return [
        ...(mark > marks.length
          ? [fault(`${at}.mark`, 'unknown-mark', { most: marks.length })]
          : []),
        ...unknown,
        ...(onLink && links === undefined ? [fault('timing.links', 'links-missing')] : []),
      ];
    }),
  ];
}
