import { useSyncExternalStore } from 'react';
import { z } from 'zod';
import { INSTRUMENT_KINDS, type InstrumentKind } from '@cardinex/contract/instruments/kinds';
import type { ReaderUnits } from '@cardinex/words/en/quantity';

const address = z.string().max(200).catch('');
const NO_INSTRUMENTS = Object.fromEntries(INSTRUMENT_KINDS.map((kind) => [kind, ''])) as Readonly<
  Record<InstrumentKind, string>
>;

/** What this device remembers of how its reader likes things. */
const preferencesSchema = z.object({
  theme: z.enum(['day', 'lamp', 'glare']).catch('day'),
  speech: z.boolean().catch(false),
  /** Each member's own choice, by member. */
  units: z
    .record(
      z.string(),
      z.object({
        length: z.enum(['mm', 'thou']),
        torque: z.enum(['N·m', 'lbf·ft', 'lbf·in', 'kgf·m']),
        pressure: z.enum(['bar', 'psi']).catch('bar'),
      }),
    )
    .catch({}),
  /** Who is at the bench now. */
  member: z.string().nullable().catch(null),
  /** Went on as a member without a PIN, the network being away. */
  unproved: z.boolean().catch(false),
  shop: z.string().nullable().catch(null),
  /** Which end, or side, of what two people pull is held here. */
  end: z.enum(['near', 'far', 'both']).catch('both'),
  /** Where the instruments of this device are reached; empty for none. */
  instruments: z.record(z.enum(INSTRUMENT_KINDS), address).catch(NO_INSTRUMENTS),
});

type Preferences = z.infer<typeof preferencesSchema>;

const KEY = 'cardinex.preferences';
const listeners = new Set<() => void>();
let current = read();

function read(): Preferences {
  try {
    return preferencesSchema.parse(JSON.parse(localStorage.getItem(KEY) ?? '{}'));
  } catch {
    return preferencesSchema.parse({});
  }
}

function getPreferences(): Preferences {
  return current;
}

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

const DEFAULT_UNITS: ReaderUnits = { length: 'mm', torque: 'N·m', pressure: 'bar' };

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

const NEXT = {
  length: { mm: 'thou', thou: 'mm' },
  torque: { 'N·m': 'lbf·ft', 'lbf·ft': 'lbf·in', 'lbf·in': 'kgf·m', 'kgf·m': 'N·m' },
  pressure: { bar: 'psi', psi: 'bar' },
} as const;

/** The reader's next unit of a quantity: one tap on any unit that is shown. */
export function nextUnit(quantity: keyof ReaderUnits): void {
  const { units, member } = current;
  const own = units[member ?? ''] ?? DEFAULT_UNITS;
  switch (quantity) {
    case 'length':
      return setUnits({ length: NEXT.length[own.length] });
    case 'torque':
      return setUnits({ torque: NEXT.torque[own.torque] });
    case 'pressure':
      return setUnits({ pressure: NEXT.pressure[own.pressure] });
  }
}
