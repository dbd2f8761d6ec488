import type { ActType } from './act';
import { SLICES } from './slices/index';
import type { JobSlices } from './state';

/** The acts that are some slices' own: whoever shows a slice need not list them, nor forget a new one. */
export function actsOf(...slices: readonly (keyof JobSlices)[]): ReadonlySet<ActType> {
  return new Set(slices.flatMap((name) => Object.keys(SLICES[name].acts) as ActType[]));
}
