/**
 * The fields that have a value: what is not known is left out of a record, not held in it as undefined.
 * @example definedFields({ foundMm: 0.4, hotMm: undefined }) // { foundMm: 0.4 }
 */
export function definedFields<T extends object>(fields: T): Defined<T> {
  return Object.fromEntries(
    Object.entries(fields).filter(([, value]) => value !== undefined),
  ) as Defined<T>;
}

type Defined<T> = {
  [K in keyof T as undefined extends T[K] ? K : never]?: Exclude<T[K], undefined>;
} & { [K in keyof T as undefined extends T[K] ? never : K]: T[K] };
