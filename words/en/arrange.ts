import type { PlacedLiner } from '@cardinex/core/block/arrange/input';
import type { Cure } from '@cardinex/core/block/arrange/cure';
import type { LinerArrange } from '@cardinex/core/block/linerArrange';
import { METRIC, length, listed, type ReaderUnits } from './quantity';

/** Where one liner goes, on what, and how high it stands then. */
export function placedSentence(placed: PlacedLiner, units: ReaderUnits = METRIC): string {
  const { bore, liner, shimsMm, standOutMm } = placed;
  const own = liner === bore ? `Liner ${liner} stays` : `Liner ${liner} to bore ${bore}`;
  const shims =
    shimsMm.length === 0 ? '' : ` on ${shimsMm.map((mm) => length(mm, units)).join(' + ')}`;
  return `${own}${shims}: ${length(standOutMm, units)}.`;
}

/** One thing that would bring a liner right. */
export function cureSentence(cure: Cure, units: ReaderUnits = METRIC): string {
  const by = length(cure.mm, units);
  switch (cure.do) {
    case 'cut':
      return `cut the counterbore of bore ${cure.bore} ${by} deeper`;
    case 'thicker':
      return `get a liner for bore ${cure.bore} with a flange ${by} thicker`;
    case 'shim':
      return cure.insteadOfMm > 0
        ? `put ${by} of shims under the liner of bore ${cure.bore}, not ${length(cure.insteadOfMm, units)}`
        : `put a shim of ${by} under the liner of bore ${cure.bore}`;
  }
}

/** The placement as a whole: who moves, or what is over and what would cure it. */
export function arrangeSentence(found: LinerArrange, units: ReaderUnits = METRIC): string {
  const { feasible, placement, moved, cure, totalExcessMm } = found;
  if (!feasible) {
    const cures = listed(cure.map((entry) => cureSentence(entry, units)));
    return `No placement keeps every limit: ${length(totalExcessMm, units)} over at best. To cure it, ${cures}.`;
  }
  const between = `Neighbours differ by ${length(found.largestAdjacentMm, units)} at most.`;
  if (moved.length === 0) return `All stay where they are. ${between}`;
  const moves = placement
    .filter(({ bore, liner }) => bore !== liner)
    .map(({ bore, liner }) => `${liner} to bore ${bore}`);
  return `Liner ${listed(moves)}. ${between}`;
}

export const arrangeWords = {
  asTheyAre: 'As they are',
  asTheyAreRow: 'As they are, cylinder 1 at the left',
  best: 'Best',
  bestRow: (unit: string) => `Best, in ${unit}`,
  none: 'no liners of their own yet',
  inBore: (bore: string, liner: string, height: string) => `bore ${bore} liner ${liner} ${height}`,
  drawing: (standing: string, best: string) =>
    `Block from above, cylinder 1 at the left, twice: as the liners are, and where they go. As they are: ${standing}. Best: ${best}.`,
  working: 'Trying every place…',
  cancel: 'Stop',
  cancelled: 'Stopped before it was done.',
  broke: 'The search broke off.',
  again: 'Search again',
  standing: ({ feasible, totalExcessMm }: LinerArrange, units: ReaderUnits) =>
    feasible ? 'Every limit is kept.' : `${length(totalExcessMm, units)} over its limits in all.`,
} as const;
