import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { headOf } from '../../../sheet/assembly/references';
import { memoizeByObject } from '../../../sheet/memoize';
import type { JointLine } from '../../facts/parts';
import type { JobSheet } from '../../scope';

/** What lies in a tin: it is not bought by the piece. */
const BY_THE_TIN: readonly string[] = ['dry', 'sealant', 'paste'];

/**
 * The joints that go in new with what comes off, piece by piece, with how many in all. What the kit list names as a line
 * of its own is none of them.
 */
export const jointsToRenew = memoizeByObject((sheet: JobSheet): readonly JointLine[] => {
  const { pieceOf } = assemblyGraph(sheet.whole);
  const listed = new Set((sheet.renew ?? []).map(({ part }) => part));
  const instances = new Map<string, number>();
  for (const id of sheet.comesOff.order)
    instances.set(headOf(id), (instances.get(headOf(id)) ?? 0) + 1);
  return [...instances].flatMap(([piece, number]) =>
    (pieceOf(`${piece}/1`)?.joints ?? []).flatMap(({ kind, what, count = 1, use, part }) => {
      const isNew = use !== 'again' && use !== 'if-whole' && !BY_THE_TIN.includes(kind);
      if (!isNew || (part !== undefined && listed.has(part))) return [];
      return [{ piece, kind, ...(what !== undefined && { what }), count: count * number }];
    }),
  );
});
