/** A type with everything in it readonly, so that only what it holds is compared. */
export type Plain<T> = T extends readonly (infer Item)[]
  ? readonly Plain<Item>[]
  : T extends object
    ? { readonly [K in keyof T]: Plain<T[K]> }
    : T;

/** True where two types are one and the same: not only assignable, which an optional field too few is. */
// prettier-ignore
export type Same<A, B> =
  (<T>() => T extends A ? 1 : 2) extends (<T>() => T extends B ? 1 : 2) ? true : false;
