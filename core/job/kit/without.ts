/**
 * A record without some of its keys; the same object where it has none of them.
 * @example without({ a: 1, b: 2 }, ['b']) // { a: 1 }
 */
export function without<T>(
  record: Readonly<Record<string, T>>,
  keys: Iterable<string>,
): Readonly<Record<string, T>> {
  const gone = new Set(keys);
  const left = Object.entries(record).filter(([key]) => !gone.has(key));
  return left.length === Object.keys(record).length ? record : Object.fromEntries(left);
}
