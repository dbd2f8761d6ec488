import { pointerOf, pointerSteps, valueAt, withValueAt } from './pointer';

/**
 * Where a pointer leads, with the entries of lists named by what they are instead of by where they
 * stand, so that it still leads there when a revision adds to the list.
 * @param pointer a JSON Pointer into the document
 * @example placeAt(sheet, '/fastenedSets/0/afterwards/1') // '/fastenedSets/id=head/afterwards/about=after-heat'
 */
export function placeAt(document: unknown, pointer: string): string {
  const steps = pointerSteps(pointer);
  return pointerOf(
    steps.map((step, depth) => {
      const holder = valueAt(document, pointerOf(steps.slice(0, depth)));
      return Array.isArray(holder) ? nameIn(holder as readonly unknown[], Number(step)) : step;
    }),
  );
}

/**
 * The pointer to a named place: also to a field not given yet, or to where a named entry would be
 * added to its list, when nothing but that is missing.
 * @returns null when the document has nowhere to put it
 */
export function pointerTo(document: unknown, place: string): string | null {
  const steps = pointerSteps(place);
  const found: string[] = [];
  let holder: unknown = document;
  for (const [depth, step] of steps.entries()) {
    const isLast = depth === steps.length - 1;
    const key = keyIn(holder, step);
    if (key === null) return null;
    const inside = (holder as Readonly<Record<string, unknown>> | undefined)?.[key];
    const listToCome = depth === steps.length - 2 && ENTRY.test(steps.at(-1) ?? '');
    if (inside === undefined && !isLast && !listToCome) return null;
    found.push(key);
    holder = inside;
  }
  return pointerOf(found);
}

/** The step into a holder; null for a holder that has no such steps. */
function keyIn(holder: unknown, step: string): string | null {
  if (holder === undefined) return ENTRY.test(step) ? '0' : null;
  if (Array.isArray(holder)) return placeInList(holder as readonly unknown[], step);
  return typeof holder === 'object' && holder !== null && !ENTRY.test(step) ? step : null;
}

/** What stands at a named place; undefined where nothing does. */
export function valueAtPlace(document: unknown, place: string): unknown {
  const pointer = pointerTo(document, place);
  return pointer === null ? undefined : valueAt(document, pointer);
}

/** A copy of the document with a value at a named place; the document itself where it has no such place. */
export function withValueAtPlace<D>(document: D, place: string, to: unknown): D {
  const pointer = pointerTo(document, place);
  if (pointer === null) return document;
  const list = pointer.slice(0, pointer.lastIndexOf('/'));
  const isFirst = valueAt(document, list) === undefined;
  return isFirst ? withValueAt(document, list, [to]) : withValueAt(document, pointer, to);
}

/** What tells the entries of a sheet's lists apart, the first that an entry has. */
const KEYS = ['id', 'group', 'about', 'name', 'mark'] as const;

/** A step to an entry of a list: by its name ("id=head"), or by its place where it has none ("#0"). */
const ENTRY = /^(?:#\d+|(?:id|group|about|name|mark)=.*)$/;

/** An entry by its name; by its place when it has none, or shares it with one before. */
function nameIn(list: readonly unknown[], place: number): string {
  const name = nameOf(list[place]);
  const isFirst = list.findIndex((item) => nameOf(item) === name) === place;
  return name === null || !isFirst ? `#${place}` : name;
}

function nameOf(item: unknown): string | null {
  if (typeof item !== 'object' || item === null) return null;
  for (const key of KEYS) {
    const name = (item as Readonly<Record<string, unknown>>)[key];
    if (typeof name === 'string') return `${key}=${name}`;
  }
  return null;
}

/** Where in a list an entry stands: its index, or the index after the last for one that is not there. */
function placeInList(list: readonly unknown[], step: string): string | null {
  if (!ENTRY.test(step)) return null;
  if (step.startsWith('#')) {
    const place = Number(step.slice(1));
    return place <= list.length ? String(place) : null;
  }
  const place = list.findIndex((item) => nameOf(item) === step);
  return String(place < 0 ? list.length : place);
}

/** Are two named places the same, or one inside the other? One figure must not have two keepers. */
export function placesOverlap(item: string, other: string): boolean {
  return item === other || item.startsWith(`${other}/`) || other.startsWith(`${item}/`);
}
