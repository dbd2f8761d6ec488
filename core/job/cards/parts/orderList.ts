import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { Expected, KitItem } from '../../facts/parts';
import { kitViews, type KitView } from './view';

/** One line of what is to be ordered. */
export interface OrderLine {
  readonly item: KitItem;
  /** How many are still wanted, where that is known. */
  readonly count?: number;
  /** `held`: not before its grade is known. */
  readonly standing: 'to-order' | 'wrong' | 'missing' | 'held';
  readonly expected?: Expected;
}

/** What is still to be ordered: whatever is not here and right, and is not bought only if it is worn. */
export function orderList(sheet: JobSheet, state: JobState): readonly OrderLine[] {
  return kitViews(sheet, state).flatMap((view): readonly OrderLine[] => {
    const { item, standing, expected } = view;
    const isWanted =
      standing !== 'to-come' || (item.when !== 'if-worn' && item.when !== 'matched-set');
    if (standing === 'right' || !isWanted) return [];
    const count = wanted(view);
    return [
      {
        item,
        standing: ORDERED[standing],
        ...(count !== undefined && { count }),
        ...(expected && { expected }),
      },
    ];
  });
}

const ORDERED = {
  'to-come': 'to-order',
  'to-choose': 'held',
  wrong: 'wrong',
  missing: 'missing',
} as const;

/** All of it; of a line of which some came, those that did not. */
function wanted({ item, arrival, standing }: KitView): number | undefined {
  if (item.count === undefined || standing !== 'missing' || !arrival) return item.count;
  return Math.max(1, item.count - arrival.count);
}
