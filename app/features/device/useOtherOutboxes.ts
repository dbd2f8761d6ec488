import type { KeptAct } from '../../ledger/kept';
import { useEffect, useState } from 'react';
import { otherOutboxes } from '../../ledger/otherOutboxes';
import { useBench } from '../../session/SessionProvider';

/** Acts this device still keeps for a database other than the one that answers now. */
export function useOtherOutboxes(): readonly KeptAct[] {
  const { instance } = useBench();
  const [kept, setKept] = useState<readonly KeptAct[]>([]);
  useEffect(() => {
    let left = false;
    void otherOutboxes(instance.instance).then((found) => {
      if (!left) setKept(found);
    });
    return () => {
      left = true;
    };
  }, [instance.instance]);
  return kept;
}
