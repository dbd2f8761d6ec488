import type { WrenchShown } from '../facts/run';

/**
 * Has this wrench a check in date on a day?
 * @param on ISO date
 */
export function isInDate({ calibration }: WrenchShown, on: string): boolean {
  return calibration !== undefined && calibration.on <= on && on <= calibration.dueOn;
}
