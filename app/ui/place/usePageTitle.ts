import { useEffect } from 'react';
import { shared } from '@cardinex/words/screens';

/** Names the page in the browser's tab and history: what is in sight, of which engine, in which app. */
export function usePageTitle(...parts: readonly string[]): void {
  const title = [...parts, shared.product].filter(Boolean).join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
}
