import type { KeptAct } from '../../ledger/kept';
import type { LedgerStorage } from '../../ledger/storage';
import { useKept } from './useKept';

const NONE: readonly KeptAct[] = [];

const allKept = (storage: LedgerStorage): Promise<readonly KeptAct[]> => storage.allKept();

/** All acts this device keeps, of every job, as they come and go. */
export function useKeptActs(): readonly KeptAct[] {
  return useKept(allKept) ?? NONE;
}
