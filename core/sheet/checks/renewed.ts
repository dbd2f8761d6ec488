import type { EngineSheet } from '../engineSheet';
import { HELD_BESIDE_SETS } from '../spec/kit';
import { fault, type SheetFinding } from './finding';

/** What a renewed part holds up is there: a name nobody bears would hold up nothing, and say nothing. */
export function checkRenewed({ renew = [], fastenedSets = [] }: EngineSheet): SheetFinding[] {
  const known = new Set<string>([...HELD_BESIDE_SETS, ...fastenedSets.map(({ id }) => id)]);
  return renew.flatMap(({ fits }, place) =>
    fits === undefined || known.has(fits)
      ? []
      : [fault(`renew[${place}].fits`, 'unknown-set', { id: fits })],
  );
}
