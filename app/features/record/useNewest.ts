import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import type { LoggedAct } from '@cardinex/core/job/act';

/** A job of weeks has thousands; nobody reads more than this of them at once. */
const AT_ONCE = 400;

interface Newest {
  readonly acts: readonly LoggedAct[];
  /** How many are shown next; 0 when all are. */
  readonly earlier: number;
  readonly showEarlier: () => void;
  /** It is being printed: nothing is folded away. */
  readonly onPaper: boolean;
}

/** The newest acts of a record, and those before them as they are asked for; on paper all of them. */
export function useNewest(all: readonly LoggedAct[]): Newest {
  const [most, setMost] = useState(AT_ONCE);
  const [onPaper, setOnPaper] = useState(false);
  useEffect(() => {
    // The browser takes the page as it stands when this returns.
    const showAll = (): void => flushSync(() => setOnPaper(true));
    const asBefore = (): void => setOnPaper(false);
    window.addEventListener('beforeprint', showAll);
    window.addEventListener('afterprint', asBefore);
    return () => {
      window.removeEventListener('beforeprint', showAll);
      window.removeEventListener('afterprint', asBefore);
    };
  }, []);
  const hidden = onPaper ? 0 : Math.max(0, all.length - most);
  return {
    acts: hidden > 0 ? all.slice(hidden) : all,
    earlier: Math.min(hidden, AT_ONCE),
    showEarlier: () => setMost(most + AT_ONCE),
    onPaper,
  };
}
