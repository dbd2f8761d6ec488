import { INSTRUMENT_KINDS, type InstrumentKind } from '@cardinex/contract/instruments/kinds';
import type { ReaderUnits } from '@cardinex/words/quantity';

/** What this device remembers of how its reader likes things. */
export interface Preferences {
  readonly theme: 'day' | 'lamp' | 'glare';
  readonly speech: boolean;
  /** Each member's own choice, by member. */
  readonly units: Readonly<Record<string, ReaderUnits>>;
  /** Who is at the bench now. */
  readonly member: string | null;
  /** Went on as a member without a PIN, the network being away. */
  readonly unproved: boolean;
  readonly shop: string | null;
  /** Which end, or side, of what two people pull is held here. */
  readonly end: 'near' | 'far' | 'both';
  /** Nobody here wants to hear of the home screen again. */
  readonly installRefused: boolean;
  /** Where the instruments of this device are reached; empty for none. */
  readonly instruments: Readonly<Record<InstrumentKind, string>>;
}

export const UNITS = {
  length: ['mm', 'thou'],
  torque: ['N·m', 'lbf·ft', 'lbf·in', 'kgf·m'],
  pressure: ['bar', 'psi'],
} as const satisfies { readonly [Q in keyof ReaderUnits]: readonly ReaderUnits[Q][] };

export const DEFAULT_UNITS: ReaderUnits = { length: 'mm', torque: 'N·m', pressure: 'bar' };

const LONGEST_ADDRESS = 200;

/**
 * Preferences as they were kept, each by itself: what is missing, or was kept by another build, is as it is
 * on a new device. By hand rather than by a schema, which would be a tenth of the first load.
 *
 * @example readPreferences({ theme: 'lamp', speech: 'yes' }).speech // false
 */
export function readPreferences(stored: unknown): Preferences {
  const found = recordIn(stored);
  return {
    theme: oneOf(['day', 'lamp', 'glare'], found.theme, 'day'),
    speech: found.speech === true,
    units: unitsIn(found.units),
    member: textIn(found.member),
    unproved: found.unproved === true,
    shop: textIn(found.shop),
    installRefused: found.installRefused === true,
    end: oneOf(['near', 'far', 'both'], found.end, 'both'),
    instruments: instrumentsIn(found.instruments),
  };
}

function recordIn(value: unknown): Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null ? (value as Record<string, unknown>) : {};
}

function oneOf<Choice extends string>(
  choices: readonly Choice[],
  value: unknown,
  otherwise: Choice,
): Choice {
  return choices.find((choice) => choice === value) ?? otherwise;
}

function textIn(value: unknown): string | null {
  return typeof value === 'string' ? value : null;
}

function unitsIn(value: unknown): Preferences['units'] {
  return Object.fromEntries(
    Object.entries(recordIn(value)).map(([member, kept]) => {
      const { length, torque, pressure } = recordIn(kept);
      const units: ReaderUnits = {
        length: oneOf(UNITS.length, length, DEFAULT_UNITS.length),
        torque: oneOf(UNITS.torque, torque, DEFAULT_UNITS.torque),
        pressure: oneOf(UNITS.pressure, pressure, DEFAULT_UNITS.pressure),
      };
      return [member, units];
    }),
  );
}

function instrumentsIn(value: unknown): Preferences['instruments'] {
  const stored = recordIn(value);
  const addressOf = (kind: InstrumentKind): string => {
    const address = textIn(stored[kind]) ?? '';
    return address.length > LONGEST_ADDRESS ? '' : address;
  };
  return Object.fromEntries(
    INSTRUMENT_KINDS.map((kind) => [kind, addressOf(kind)]),
  ) as Preferences['instruments'];
}
