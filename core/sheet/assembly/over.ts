import type { EngineSheet } from '../engineSheet';
import type { CoversSpec } from '../spec/assembly';

/** Which cylinders, main bearings and valves an instance is over; null: it names none of that kind. */
export interface Over {
  readonly cylinders: ReadonlySet<number> | null;
  readonly bearings: ReadonlySet<number> | null;
  readonly valves: ReadonlySet<string> | null;
}

/** All of the engine: it has to do with every instance of everything. */
export const EVERYWHERE: Over = { cylinders: null, bearings: null, valves: null };

/**
 * What an instance is over, as its line says. A valve brings its cylinder along.
 * @example overOf(sheet, { place: 'fan', cylinders: [1, 2] }).cylinders // Set { 1, 2 }
 */
export function overOf(
  { overhead }: Pick<EngineSheet, 'overhead'>,
  { cylinders, bearings, valves }: Omit<CoversSpec, 'place'>,
): Over {
  const ofValves = (valves ?? []).flatMap((id) => {
    const valve = overhead?.valves.find((entry) => entry.id === id);
    return valve ? [valve.cylinder] : [];
  });
  const all = [...(cylinders ?? []), ...ofValves];
  return {
    cylinders: all.length > 0 ? new Set(all) : null,
    bearings: bearings?.length ? new Set(bearings) : null,
    // Listed beside cylinders, valves tell no more than these.
    valves: valves?.length && !cylinders?.length ? new Set(valves) : null,
  };
}

/**
 * Have two instances to do with each other? They have when they share a valve, where both name valves; a
 * cylinder, where both name cylinders; or a bearing. One that is over nothing in particular has to do with all.
 */
export function shares(a: Over, b: Over): boolean {
  if (isEverywhere(a) || isEverywhere(b)) return true;
  const perValve = a.valves !== null && b.valves !== null;
  return (
    meets(a.bearings, b.bearings) ||
    (perValve ? meets(a.valves, b.valves) : meets(a.cylinders, b.cylinders))
  );
}

function isEverywhere({ cylinders, bearings, valves }: Over): boolean {
  return cylinders === null && bearings === null && valves === null;
}

function meets<T>(a: ReadonlySet<T> | null, b: ReadonlySet<T> | null): boolean {
  return a !== null && b !== null && [...a].some((entry) => b.has(entry));
}
