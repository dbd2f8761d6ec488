import { useEffect, useRef } from 'react';
import { signal } from '../signal';
import { takePress } from './confirmGuard';
import { isModalOpen } from './modal';

export interface ActKeys {
  readonly confirm?: (() => void) | undefined;
  readonly undo?: (() => void) | undefined;
  readonly lookBack?: (() => void) | undefined;
  /** Says the act again. */
  readonly sayAgain?: (() => void) | undefined;
}

/** Backspace in an emptied field undoes only after a pause: whoever rubs out a figure goes one too far. */
const QUIET_MS = 1000;

/** An Enter this soon after a figure ends a reading that a gauge sent where none is asked for. */
const SENT_MS = 1000;

/**
 * Keyboard and pedal on a card. Space, Enter and PageDown confirm; Backspace undoes; PageUp looks
 * back. A key held down confirms once, no key counts while a slip lies over the card, and the Enter behind a gauge's figures confirms nothing. Keys
 * typed into a field, or pressed on a button reached by keyboard, belong to that field or button. A
 * tapped button lets go of the keys again: after a tap on "Undo" the pedal must not undo once more.
 * In the field for a reading, which is where the focus stays while readings are taken, Space confirms
 * too, and Backspace undoes, while it stands empty.
 */
export function useActKeys(keys: ActKeys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    let typedAt = -Infinity;
    let figureAt = -Infinity;
    const onKey = (event: KeyboardEvent): void => {
      // What lies over the card has the keys; what is behind it hears nothing.
      if (isModalOpen()) return;
      const act = actOf(event);
      const quiet = event.timeStamp - typedAt > QUIET_MS;
      if (!act || !belongsHere(event, quiet)) {
        typedAt = event.timeStamp;
        if (/^[\d.,]$/.test(event.key)) figureAt = event.timeStamp;
        return;
      }
      event.preventDefault();
      event.stopPropagation();
      if (event.repeat) return;
      if (event.key === 'Enter' && event.timeStamp - figureAt < SENT_MS) {
        signal('refused');
        return;
      }
      const answer = latest.current[act];
      if (!answer || (changesTheLog(act) && !takePress())) return;
      answer();
    };
    window.addEventListener('keydown', onKey, true);
    window.addEventListener('click', letGo, true);
    return () => {
      window.removeEventListener('keydown', onKey, true);
      window.removeEventListener('click', letGo, true);
    };
  }, []);
}

function changesTheLog(act: keyof ActKeys): boolean {
  return act === 'confirm' || act === 'undo';
}

const KEYS: Readonly<Record<string, keyof ActKeys>> = {
  ' ': 'confirm',
  Enter: 'confirm',
  PageDown: 'confirm',
  Backspace: 'undo',
  PageUp: 'lookBack',
  r: 'sayAgain',
  R: 'sayAgain',
};

function actOf(event: KeyboardEvent): keyof ActKeys | undefined {
  if (event.ctrlKey || event.altKey || event.metaKey) return undefined;
  return KEYS[event.key];
}

/** A click made by a pointer (a key's has no detail) leaves its button without the focus. */
function letGo(event: MouseEvent): void {
  const focused = document.activeElement;
  if (event.detail > 0 && focused instanceof HTMLElement && focused.matches(PRESSABLE)) {
    focused.blur();
  }
}

const PRESSABLE = 'button, a, [role="button"], [role="link"], [role="switch"]';

function belongsHere(event: KeyboardEvent, quiet: boolean): boolean {
  const target = event.target instanceof HTMLElement ? event.target : null;
  if (!target || target === document.body) return true;
  // A pedal's PageDown and PageUp mean the same wherever the focus happens to be.
  if (event.key === 'PageDown' || event.key === 'PageUp') return true;
  // What is typed may have a space and letters in it ("1 3/8 in"): only an empty field has no use for them.
  if (target instanceof HTMLInputElement && target.inputMode === 'decimal')
    return (
      target.value === '' && (' rR'.includes(event.key) || (event.key === 'Backspace' && quiet))
    );
  if (target.closest('input, textarea')) return false;
  const pressable = target.closest(PRESSABLE);
  return !pressable || event.repeat || event.key === 'Backspace' || 'rR'.includes(event.key);
}
