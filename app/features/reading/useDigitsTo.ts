import { useEffect, type RefObject } from 'react';
import type { TextInput } from 'react-native';
import { isModalOpen } from '../../ui/hand/modal';

/** A digit typed anywhere on the card begins a reading. */
export function useDigitsTo(field: RefObject<TextInput | null>): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (isModalOpen()) return;
      const inField =
        event.target instanceof HTMLElement && event.target.closest('input, textarea');
      if (!inField && /^[\d.,-]$/.test(event.key)) field.current?.focus();
    };
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, [field]);
}
