import type { EngineSheet } from '../engineSheet';
import { fault, repeatedIds, samePlaces, type SheetFinding } from './finding';

/** Marks that stand on wheels which are there, and links that are counted where a mark needs them. */
export function checkTiming({ timing }: EngineSheet): SheetFinding[] {
  if (!timing) return [];
  const { marks, wheels = [], markPlaces = [], links } = timing;
  const known = new Set(wheels.map(({ id }) => id));
  return [
    ...repeatedIds('timing.wheels', wheels),
    ...samePlaces('timing.wheels', wheels),
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
