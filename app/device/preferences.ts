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

// A lamp is turned on for the room, not for a page. All else is each tab's own: who is at the bench, which end is held.
window.addEventListener('storage', ({ key }) => {
  if (key === KEY) become({ ...current, theme: read().theme });
});

function become(preferences: Preferences): void {
  current = preferences;
  listeners.forEach((listener) => listener());
}

export function setPreferences(change: Partial<Preferences>): void {
  const chosen = { ...current, ...change };
  try {
    localStorage.setItem(KEY, JSON.stringify(chosen));
  } catch {
    // No room: it holds until the page is closed.
  }
  become(chosen);
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
