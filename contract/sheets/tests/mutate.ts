/** A small repeatable chance: the same seed makes the same sheets. */
export function chance(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

const JUNK: readonly unknown[] = [
  null,
  '',
  ' ',
  0,
  -1,
  1e9,
  0.1 + 0.2,
  true,
  [],
  {},
  'bolt 7',
  '\u0000',
  '\ud800',
  '__proto__',
  { figure: null },
  [[]],
  'x'.repeat(500),
];

type Path = readonly (string | number)[];

/** Every place of a document. */
function placesOf(value: unknown, at: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [at];
  const inner = Array.isArray(value)
    ? value.flatMap((item, place) => placesOf(item, [...at, place]))
    : Object.entries(value).flatMap(([key, item]) => placesOf(item, [...at, key]));
  return at.length === 0 ? inner : [at, ...inner];
}

/** A copy with one thing changed at a random place: dropped, doubled, swapped, misspelt, or junk. */
export function mutated(document: unknown, random: () => number): unknown {
  const copy = structuredClone(document) as Record<string, unknown>;
  const places = placesOf(copy);
  const place = places[Math.floor(random() * places.length)] ?? [];
  const key = place.at(-1);
  const holder = place
    .slice(0, -1)
    .reduce<Record<string | number, unknown>>(
      (value, step) => value[step] as Record<string | number, unknown>,
      copy,
    );
  if (key === undefined) return copy;
  const value = holder[key];
  switch (Math.floor(random() * 8)) {
    case 0:
      if (Array.isArray(holder)) holder.splice(Number(key), 1);
      else delete holder[key];
      return copy;
    case 1:
      if (Array.isArray(holder)) holder.push(structuredClone(value));
      else holder[`${String(key)}s`] = value;
      return copy;
    case 2:
      if (Array.isArray(holder)) holder.reverse();
      else holder[key] = [value];
      return copy;
    case 3:
      holder[key] = typeof value === 'number' ? -value : { value };
      return copy;
    case 4:
      holder[key] =
        typeof value === 'number' ? value * 10 : String(JSON.stringify(value)).slice(0, 30);
      return copy;
    case 5:
      holder[key] = typeof value === 'number' ? Math.round(value) + 1 : value;
      return copy;
    default:
      holder[key] = JUNK[Math.floor(random() * JUNK.length)];
      return copy;
  }
}
