import { useSyncExternalStore } from 'react';
import type { ReaderUnits } from '@cardinex/words/quantity';
import { DEFAULT_UNITS, readPreferences, UNITS, type Preferences } from './readPreferences';

const KEY = 'cardinex.preferences';
const listeners = new Set<() => void>();
let current = read();

function read(): Preferences {
  try {
    return readPreferences(JSON.parse(localStorage.getItem(KEY) ?? '{}'));
  } catch {
    return readPreferences({});
  }
}

function getPreferences(): Preferences {
  return current;
}

// What is chosen in one tab holds in the others: a lamp is turned on for the room, not for a page.
window.addEventListener('storage', ({ key }) => {
  if (key !== KEY) return;
  current = read();
  listeners.forEach((listener) => listener());
});

export function setPreferences(change: Partial<Preferences>): void {
  current = { ...current, ...change };
  try {
    localStorage.setItem(KEY, JSON.stringify(current));
  } catch {
    // No room: it holds until the page is closed.
  }
  listeners.forEach((listener) => listener());
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function usePreferences(): Preferences {
  return useSyncExternalStore(subscribe, getPreferences, getPreferences);
}

/** The units of whoever is at the bench. */
export function useUnits(): ReaderUnits {
  const { units, member } = usePreferences();
  return units[member ?? ''] ?? DEFAULT_UNITS;
}

export function setUnits(change: Partial<ReaderUnits>): void {
  const { units, member } = current;
  const own = { ...(units[member ?? ''] ?? DEFAULT_UNITS), ...change };
  setPreferences({ units: { ...units, [member ?? '']: own } });
}

/** The reader's next unit of a quantity: one tap on any unit that is shown. */
export function nextUnit(quantity: keyof ReaderUnits): void {
  const { units, member } = current;
  const own = units[member ?? ''] ?? DEFAULT_UNITS;
  switch (quantity) {
    case 'length':
      return setUnits({ length: nextOf(UNITS.length, own.length) });
    case 'torque':
      return setUnits({ torque: nextOf(UNITS.torque, own.torque) });
    case 'pressure':
      return setUnits({ pressure: nextOf(UNITS.pressure, own.pressure) });
  }
}

function nextOf<Unit>(units: readonly Unit[], unit: Unit): Unit {
  return units[(units.indexOf(unit) + 1) % units.length] ?? unit;
}
