import type { LinersState } from '@cardinex/core/job/facts/liners';
import { boreIds, placesOf } from '@cardinex/core/job/cards/liners/view';
import type { JobSheet } from '@cardinex/core/job/scope';

export interface Place {
  readonly bore: string;
  readonly place: number;
}

/** Where the next reading goes: liner by liner, every place of each; null once all are read. */
export function nextPlace(sheet: JobSheet, liners: LinersState): Place | null {
  for (const bore of boreIds(sheet)) {
    for (let place = 0; place < placesOf(sheet); place += 1) {
      if (!liners.readings[bore]?.[place]) return { bore, place };
    }
  }
  return null;
}
