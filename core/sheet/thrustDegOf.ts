import type { EngineSheet } from './engineSheet';

/**
 * The thrust side on a crown seen from above with cylinder 1's end at the top: at the right where the
 * crank turns clockwise seen from that end, else at the left.
 * @returns null where the sheet does not say which way it turns
 */
export function thrustDegOf({
  rotation,
  cylinder1End,
}: Pick<EngineSheet, 'rotation' | 'cylinder1End'>): 90 | 270 | null {
  if (!rotation) return null;
  const fromThere = rotation.seenFrom === cylinder1End;
  return (rotation.direction === 'clockwise') === fromThere ? 90 : 270;
}
