const MOST_CYLINDERS = 24;

/**
 * A firing order as typed: cylinders with dashes, commas or spaces between.
 * @returns null unless it is each cylinder from 1 on, once
 * @example readFiringOrder('1-3-4-2') // [1, 3, 4, 2]
 */
export function readFiringOrder(text: string): readonly number[] | null {
  const order = text
    .trim()
    .split(/[\s,\u2013-]+/)
    .filter(Boolean)
    .map(Number);
  const whole = [...order].sort((a, b) => a - b).every((cylinder, place) => cylinder === place + 1);
  return order.length > 0 && order.length <= MOST_CYLINDERS && whole ? order : null;
}
