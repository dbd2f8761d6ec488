import type { LinerArrangeInput } from '@cardinex/core/block/arrange/input';
import { useWorked, type Worked } from '../../../device/worker/useWorked';
import type { Arranged } from './arrange.worker';
import { startWorker } from './startWorker';

export type Arranging = Worked<Arranged>;

/**
 * Places liners in a worker of its own, anew whenever what it is given changes.
 * @param input null while there is not enough to work with
 */
export function useArranged(input: LinerArrangeInput | null): Arranging | null {
  return useWorked<Arranged>(startWorker, input);
}
