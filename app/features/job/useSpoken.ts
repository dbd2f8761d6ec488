import { useEffect } from 'react';
import { usePreferences } from '../../device/preferences';
import { speak } from '../../ui/signal';

/** Says what is asked, whenever that changes, while speech is on; nothing for null. */
export function useSpoken(text: string | null): void {
  const { speech } = usePreferences();
  useEffect(() => {
    if (speech && text !== null) speak(text);
  }, [speech, text]);
}
