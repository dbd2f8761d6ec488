import { useEffect, useState } from 'react';
import type { FaultAt } from '@cardinex/core/quantity/reckoningFault';
import type { WorkReply } from './serveWork';

/** How far a piece of work beside the screen is, and what it found. */
export type Worked<Found> =
  | { readonly state: 'working'; readonly share: number; readonly cancel: () => void }
  | { readonly state: 'cancelled'; readonly again: () => void }
  | { readonly state: 'done'; readonly found: Found }
  | { readonly state: 'fault'; readonly fault: FaultAt }
  | { readonly state: 'broke'; readonly again: () => void };

type Reached<Found> =
  | { readonly share: number }
  | { readonly found: Found }
  | { readonly fault: FaultAt }
  | 'cancelled'
  | 'broke';

/**
 * Works something out in a worker of its own, anew whenever what it is given changes.
 * @param startWorker always the same function
 * @param input null while there is not enough to work with
 */
export function useWorked<Found>(
  startWorker: () => Worker,
  input: object | null,
): Worked<Found> | null {
  const asked = input === null ? null : JSON.stringify(input);
  const [turn, setTurn] = useState(0);
  const [reached, setReached] = useState<{
    readonly of: string;
    readonly what: Reached<Found>;
  } | null>(null);
  const name = `${turn}/${asked ?? ''}`;
  const cancelled = reached?.of === name && reached.what === 'cancelled';
  useEffect(() => {
    if (asked === null || cancelled) return undefined;
    const worker = startWorker();
    const reach = (what: Reached<Found>): void => setReached({ of: name, what });
    worker.onmessage = ({ data }: MessageEvent<WorkReply<Found>>) => {
      reach(data);
    };
    worker.onerror = () => reach('broke');
    worker.postMessage(JSON.parse(asked));
    return () => worker.terminate();
  }, [asked, cancelled, name, startWorker]);
  if (asked === null) return null;
  const again = (): void => setTurn(turn + 1);
  const what = reached?.of === name ? reached.what : { share: 0 };
  if (what === 'cancelled' || what === 'broke') return { state: what, again };
  if ('fault' in what) return { state: 'fault', fault: what.fault };
  if ('found' in what) return { state: 'done', found: what.found };
  const cancel = (): void => setReached({ of: name, what: 'cancelled' });
  return { state: 'working', share: what.share, cancel };
}
