import { upTo } from './kit';

/** A mass: whole grams, tenths where they are given. */
export function mass(grams: number): string {
  return `${upTo(grams, 1)} g`;
}
