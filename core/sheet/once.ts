/**
 * Works something out once for each object it is asked of, for as long as that object lives. Sheets
 * and what they hold never change once published, so what follows from one is worth keeping: a plan
 * is asked for again at every act.
 * @example const valvePlan = once((sheet: EngineSheet) => barringPlan(...))
 */
export function once<Of extends object, Result>(reckon: (of: Of) => Result): (of: Of) => Result {
  const known = new WeakMap<Of, { readonly result: Result }>();
  return (of) => {
    const before = known.get(of);
    if (before) return before.result;
    const result = reckon(of);
    known.set(of, { result });
    return result;
  };
}

/**
 * The same for what follows from two objects together: worked out once for each pair, for as long as
 * both live.
 * @example const layeredOn = onceOfBoth((base: EngineSheet, layers: LayersState) => layOver(base, layers))
 */
export function onceOfBoth<One extends object, Other extends object, Result>(
  reckon: (one: One, other: Other) => Result,
): (one: One, other: Other) => Result {
  const ofOne = once((one: One) => once((other: Other) => reckon(one, other)));
  return (one, other) => ofOne(one)(other);
}
