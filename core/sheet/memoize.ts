/**
 * Works something out once for each object it is asked of, for as long as that object lives. Sheets
 * and what they hold never change once published, so what follows from one is worth keeping: a plan
 * is asked for again at every act.
 * @example const valvePlan = memoizeByObject((sheet: EngineSheet) => barringPlan(...))
 */
export function memoizeByObject<Key extends object, Result>(
  workOut: (key: Key) => Result,
): (key: Key) => Result {
  const known = new WeakMap<Key, { readonly result: Result }>();
  return (key) => {
    const before = known.get(key);
    if (before) return before.result;
    const result = workOut(key);
    known.set(key, { result });
    return result;
  };
}

/**
 * The same for what follows from two objects together: worked out once for each pair, for as long as
 * both live.
 * @example const layeredOn = memoizeByPair((base: EngineSheet, layers: LayersState) => layOver(base, layers))
 */
export function memoizeByPair<First extends object, Second extends object, Result>(
  workOut: (first: First, second: Second) => Result,
): (first: First, second: Second) => Result {
  const ofFirst = memoizeByObject((first: First) =>
    memoizeByObject((second: Second) => workOut(first, second)),
  );
  return (first, second) => ofFirst(first)(second);
}
