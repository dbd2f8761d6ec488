import { inMillionths } from './withinLimits';

/**
 * A reckoning was given something it cannot work with. `field` is the path of the input that is
 * wrong (`bores[2].id`), `code` what is wrong with it; `words/` makes the sentence.
 */
export class ReckoningFault extends Error {
  constructor(
    readonly field: string,
    readonly code: ReckoningFaultCode,
    readonly facts: Readonly<Record<string, number | string>> = {},
  ) {
    super(`${field}: ${code}`);
    this.name = 'ReckoningFault';
  }
}

export type ReckoningFaultCode =
  | 'empty'
  | 'repeated'
  | 'not-a-number'
  | 'must-be-positive'
  | 'must-not-be-negative'
  | 'range-upside-down'
  | 'missing-partner'
  | 'wrong-for-strokes'
  | 'window-without-length'
  | 'window-fills-cycle'
  | 'unknown-cylinder'
  | 'unknown-fastener'
  | 'unknown-wheel'
  | 'not-in-order'
  | 'adapter-too-long'
  | 'must-rise'
  | 'must-be-whole'
  | 'not-a-date'
  | 'due-before-check'
  | 'not-that-many'
  | 'one-of'
  | 'so-many'
  | 'beyond-size'
  | 'unknown-bore'
  | 'fewer-than-bores'
  | 'at-most'
  | 'too-few-shims'
  | 'cannot-be-placed'
  | 'no-oil-ring'
  | 'odd-count'
  | 'overlaps'
  | 'no-clearance-left'
  | 'between'
  | 'pitch-too-coarse'
  | 'no-bearing-face'
  | 'misses'
  | 'must-turn-on'
  | 'must-not-fall'
  | 'stops-alike'
  | 'stops-opposite'
  | 'rod-too-short'
  | 'beyond-counting';

/** Refuses NaN and the infinities, which JSON cannot carry but a caller in code can. */
export function requireNumber(field: string, value: number): void {
  if (!Number.isFinite(value)) throw new ReckoningFault(field, 'not-a-number');
}

/** Refuses anything that is not a number above zero; less than a millionth of its unit is none. */
export function requirePositive(field: string, value: number): void {
  requireNumber(field, value);
  if (inMillionths(value) <= 0) throw new ReckoningFault(field, 'must-be-positive', { value });
}

/** Refuses anything that is not a number of zero or above. */
export function requireNotNegative(field: string, value: number): void {
  requireNumber(field, value);
  if (inMillionths(value) < 0) throw new ReckoningFault(field, 'must-not-be-negative', { value });
}

/** Refuses anything that is not a whole number of zero or above. */
export function requireWhole(field: string, value: number): void {
  requireNotNegative(field, value);
  if (!Number.isInteger(value)) throw new ReckoningFault(field, 'must-be-whole', { value });
}

/** Refuses more than there may be. */
export function requireAtMost(field: string, count: number, most: number): void {
  if (count > most) throw new ReckoningFault(field, 'at-most', { most });
}

/** Refuses an empty list. */
export function requireSome(field: string, list: readonly unknown[]): void {
  if (list.length === 0) throw new ReckoningFault(field, 'empty');
}

/**
 * Refuses a list in which one id stands twice; names the second place.
 * @param key of what stands in the list; null for a list of ids alone
 */
export function requireDistinct(
  field: string,
  ids: readonly (string | number)[],
  key: string | null = 'id',
): void {
  const seen = new Set<string | number>();
  ids.forEach((id, place) => {
    const at = `${field}[${place}]${key === null ? '' : `.${key}`}`;
    if (seen.has(id)) throw new ReckoningFault(at, 'repeated', { id });
    seen.add(id);
  });
}
