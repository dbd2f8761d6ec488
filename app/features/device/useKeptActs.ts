import { useEffect, useState } from 'react';
import type { KeptAct } from '../../ledger/storage';
import { useBench } from '../../session/SessionProvider';

/** All acts this device keeps, of every job, as they come and go. */
export function useKeptActs(): readonly KeptAct[] {
  const { ledgers } = useBench();
  const [kept, setKept] = useState<readonly KeptAct[]>([]);
  useEffect(() => {
    let left = false;
    const look = (): void =>
      void ledgers.storage.allKept().then((found) => {
        if (!left) setKept(found);
      });
    look();
    const stop = ledgers.subscribe(look);
    return () => {
      left = true;
      stop();
    };
  }, [ledgers]);
  return kept;
}
