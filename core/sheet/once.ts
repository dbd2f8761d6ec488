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
