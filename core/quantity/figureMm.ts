import type { LengthFigure } from './figure';
import { lengthToMm } from './units';

/**
 * A printed length in millimetres.
 * @example figureMm({ text: '3 thou', value: 3, unit: 'thou', … }) // 0.0762
 */
export function figureMm({ value, unit }: LengthFigure): number {
  return lengthToMm(value, unit);
}
