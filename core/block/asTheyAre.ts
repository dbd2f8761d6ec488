import type { LinerArrangeInput } from './arrange/input';
import { linerArrange, type LinerArrange } from './linerArrange';

/**
 * Every liner in the bore of its own id, on the shims that suit it best there.
 * @returns null where a bore has no liner of its own, or its liner fits another bore only
 * @throws ReckoningFault naming the field
 */
export function asTheyAre(input: LinerArrangeInput): LinerArrange | null {
  const liners = input.bores.flatMap((bore) => {
    const own = input.liners.find(({ id }) => id === bore.id);
    return own ? [{ ...own, onlyBore: own.onlyBore ?? bore.id }] : [];
  });
  if (liners.length < input.bores.length) return null;
  if (liners.some(({ id, onlyBore }) => onlyBore !== id)) return null;
  return linerArrange({ ...input, liners });
}
