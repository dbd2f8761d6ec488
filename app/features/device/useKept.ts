import { useEffect, useState } from 'react';
import type { LedgerStorage } from '../../ledger/storage';
import { useBench } from '../../session/SessionProvider';

/**
 * Something read from what this device keeps, read again whenever an act is kept, sent or refused.
 * @param read the same function at every call: a new one is read from anew
 * @returns null until it was read: what is not known yet is not told as nothing
 */
export function useKept<T>(
  read: (storage: LedgerStorage) => Promise<readonly T[]>,
): readonly T[] | null {
  const { ledgers } = useBench();
  const [found, setFound] = useState<readonly T[] | null>(null);
  useEffect(() => {
    let left = false;
    const look = (): void =>
      void read(ledgers.storage).then(
        (now) => {
          if (!left) setFound(now);
        },
        // What cannot be read is as good as not there; that it cannot is said where it matters.
        () => {
          if (!left) setFound((before) => before ?? []);
        },
      );
    look();
    const stop = ledgers.subscribe(look);
    return () => {
      left = true;
      stop();
    };
  }, [ledgers, read]);
  return found;
}
