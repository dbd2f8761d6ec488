import type { JournalSpec } from './spec/block';

/** The bearings of a shaft by their numbers, from the end cylinder 1 is at. */
export function bearingsOf({ count }: Pick<JournalSpec, 'count'>): readonly string[] {
  return Array.from({ length: count }, (_, place) => String(place + 1));
}
