/** A result, and what it was worked out from: parts of an object, as they were then. */
export interface Memo<Result> {
  readonly result: Result;
  readonly read: ReadonlyMap<PropertyKey, unknown>;
}

/** Stands for the whole object, where it was asked which parts it has. */
const WHOLE = Symbol('whole');

/**
 * Works something out, noting which parts of an object it reads.
 * @example memoOf({ a: 1, b: 2 }, ({ a }) => a + 1) // { result: 2, read: a → 1 }
 */
export function memoOf<Whole extends object, Result>(
  whole: Whole,
  work: (whole: Whole) => Result,
): Memo<Result> {
  const read = new Map<PropertyKey, unknown>();
  return { result: work(watched(whole, read)), read };
}

/** Is every part that was read the same object, or value, as it was? */
export function holdsFor(memo: Memo<unknown>, whole: object): boolean {
  const parts = whole as Readonly<Record<PropertyKey, unknown>>;
  for (const [name, part] of memo.read) {
    if ((name === WHOLE ? whole : parts[name]) !== part) return false;
  }
  return true;
}

/**
 * The same object, except that which of its parts are read is noted.
 * @param read where it is noted
 */
function watched<Whole extends object>(whole: Whole, read: Map<PropertyKey, unknown>): Whole {
  return new Proxy(whole, {
    get(target, name) {
      const part: unknown = Reflect.get(target, name);
      read.set(name, part);
      return part;
    },
    has(target, name) {
      read.set(name, Reflect.get(target, name));
      return name in target;
    },
    ownKeys(target) {
      read.set(WHOLE, target);
      return Reflect.ownKeys(target);
    },
  });
}
