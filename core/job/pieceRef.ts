import { assemblyGraph } from '../sheet/assembly/assemblyGraph';
import { headOf } from '../sheet/assembly/references';
import type { JobSheet } from './scope';

/** A piece as it is told to somebody: `words/` names what its sheet has not named. */
export interface PieceRef {
  readonly id: string;
  readonly name?: string;
  /** Which of it, where there are several. */
  readonly place?: string;
}

/**
 * @param instance an instance of a piece, or the piece itself: `head/2`, `head`
 * @example pieceRef(sheet, 'head/2') // { id: 'head', name: 'Head', place: '2' }
 */
export function pieceRef({ whole }: Pick<JobSheet, 'whole'>, instance: string): PieceRef {
  const { instances, pieceOf } = assemblyGraph(whole);
  const id = headOf(instance);
  const name = pieceOf(instance)?.name;
  const place = instance.slice(id.length + 1);
  const several = instances.filter(({ of }) => of === id).length > 1;
  return {
    id,
    ...(name !== undefined && { name }),
    ...(several && place !== '' && { place }),
  };
}
