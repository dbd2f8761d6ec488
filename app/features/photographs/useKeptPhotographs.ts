import { useEffect, useMemo, useState } from 'react';
import type { KeptPhotograph } from '../../ledger/storage';
import { useBench } from '../../session/SessionProvider';

/** Photographs of a job that were taken on this device, by id; looked up again as they come and go. */
export function useKeptPhotographs(jobId: string): ReadonlyMap<string, KeptPhotograph> {
  const { ledgers } = useBench();
  const [kept, setKept] = useState<readonly KeptPhotograph[]>([]);
  useEffect(() => {
    let left = false;
    const look = (): void =>
      void ledgers.storage.photographsOf(jobId).then((now) => {
        if (!left) setKept(now);
      });
    look();
    const stop = ledgers.subscribe(look);
    return () => {
      left = true;
      stop();
    };
  }, [ledgers, jobId]);
  return useMemo(() => new Map(kept.map((photograph) => [photograph.id, photograph])), [kept]);
}
