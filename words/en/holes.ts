import { plural, upTo } from './kit';

/** So many holes. */
export function holesText(count: number): string {
  return `${upTo(count, 2)} ${plural(count, { one: 'hole', other: 'holes' })}`;
}
