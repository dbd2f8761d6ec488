import type { KeptPhotograph } from '../../ledger/kept';
import { useCallback, useMemo } from 'react';
import type { LedgerStorage } from '../../ledger/storage';
import { useKept } from '../device/useKept';

/** Photographs of a job that were taken on this device, by id; null until they were read. */
export function useKeptPhotographs(jobId: string): ReadonlyMap<string, KeptPhotograph> | null {
  const ofJob = useCallback((storage: LedgerStorage) => storage.photographsOf(jobId), [jobId]);
  const stored = useKept(ofJob);
  return useMemo(
    () => stored && new Map(stored.map((photograph) => [photograph.id, photograph])),
    [stored],
  );
}
