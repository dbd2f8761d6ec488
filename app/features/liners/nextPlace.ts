import { FEWEST_PLACES, boreIds, type LinersState } from '@cardinex/core/job/cards/liners';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';

export interface Place {
  readonly bore: string;
  readonly place: number;
}

/** Where the next reading goes: liner by liner, the first places of each; then round again. */
export function nextPlace(sheet: EngineSheet, liners: LinersState): Place {
  const bores = boreIds(sheet);
  for (const bore of bores) {
    for (let place = 0; place < FEWEST_PLACES; place += 1) {
      if (!liners.readings[bore]?.[place]) return { bore, place };
    }
  }
  return { bore: bores[0] ?? '1', place: 0 };
}
