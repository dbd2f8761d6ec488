import type { FastenedSet, FastenerGroup } from './spec/fastening';

const LETTERS = 'ABCDEFGHIJKLMNOPQRST';

/** The letter by which a group of a set is told from the others, in words and on the map. */
export function groupMark(
  { groups }: Pick<FastenedSet, 'groups'>,
  { id }: Pick<FastenerGroup, 'id'>,
): string {
  return LETTERS[groups.findIndex((group) => group.id === id)] ?? '';
}
