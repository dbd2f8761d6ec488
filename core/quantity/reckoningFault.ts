import { coded, type Coded, type Nothing, type Said } from '../coded';
import { inMillionths } from './withinLimits';

/** What can be wrong with an input, each code with what its sentence needs. */
export interface FaultFields {
  empty: Nothing;
  repeated: { readonly id: string | number };
  'not-a-number': Nothing;
  'must-be-positive': Nothing;
  'must-not-be-negative': Nothing;
  'range-upside-down': Nothing;
  'missing-partner': Nothing;
  'wrong-for-strokes': Nothing;
  'window-without-length': Nothing;
  'window-fills-cycle': Nothing;
  'unknown-cylinder': { readonly cylinder: number };
  'unknown-fastener': { readonly id: string };
  'unknown-wheel': { readonly id: string };
  'not-in-order': { readonly id: string };
  'adapter-too-long': Nothing;
  'must-rise': Nothing;
  'must-be-whole': Nothing;
  'not-a-date': Nothing;
  'due-before-check': Nothing;
  'not-that-many': { readonly most: number };
  'one-of': { readonly fields: readonly string[] };
  'so-many': { readonly count: number };
  'beyond-size': Nothing;
  'unknown-bore': { readonly id: string };
  'fewer-than-bores': { readonly bores: number };
  'at-most': { readonly most: number };
  'too-few-shims': { readonly bores: number };
  'cannot-be-placed': Nothing;
  'no-oil-ring': Nothing;
  'odd-count': Nothing;
  overlaps: { readonly mark: string };
  'no-clearance-left': Nothing;
  between: { readonly low: number; readonly high: number };
  'pitch-too-coarse': { readonly diaMm: number };
  'no-bearing-face': { readonly holeMm: number };
  misses: { readonly id: string };
  'must-turn-on': Nothing;
  'must-not-fall': Nothing;
  'stops-alike': Nothing;
  'stops-opposite': Nothing;
  'rod-too-short': Nothing;
  'beyond-counting': Nothing;
  'unknown-id': { readonly id: string };
  circle: { readonly direction: 'off' | 'on'; readonly ids: readonly string[] };
  'needs-what-is-off': { readonly id: string };
  'kept-on-itself': Nothing;
  'kept-must-come-off': { readonly target: string };
  'kept-rests-on-what-stays': { readonly id: string };
  'too-many-ways': { readonly most: number };
  'too-many-rounds': { readonly most: number };
  'same-place': { readonly id: string; readonly other: string };
}

export type ReckoningFaultCode = keyof FaultFields;

/** What is wrong with an input; `words/` makes the sentence. */
export type Fault = Coded<FaultFields>;

/** A fault at the input it is of. */
export interface FaultAt {
  /** The path of the input: "bores[2].id". */
  readonly field: string;
  readonly fault: Fault;
}

/**
 * A reckoning was given something it cannot work with. `field` is the path of the input that is
 * wrong (`bores[2].id`).
 * @example new ReckoningFault('shims', 'at-most', { most: 8 })
 */
export class ReckoningFault<C extends ReckoningFaultCode = ReckoningFaultCode>
  extends Error
  implements FaultAt
{
  readonly fault: Fault;

  constructor(
    readonly field: string,
    readonly code: C,
    ...fields: Said<FaultFields, C>
  ) {
    super(`${field}: ${code}`);
    this.name = 'ReckoningFault';
    this.fault = coded<FaultFields, C>(code, ...fields);
  }
}

/** Refuses NaN and the infinities, which JSON cannot carry but a caller in code can. */
export function requireNumber(field: string, value: number): void {
  if (!Number.isFinite(value)) throw new ReckoningFault(field, 'not-a-number');
}

/** Refuses anything that is not a number above zero; less than a millionth of its unit is none. */
export function requirePositive(field: string, value: number): void {
  requireNumber(field, value);
  if (inMillionths(value) <= 0) throw new ReckoningFault(field, 'must-be-positive');
}

/** Refuses anything that is not a number of zero or above. */
export function requireNotNegative(field: string, value: number): void {
  requireNumber(field, value);
  if (inMillionths(value) < 0) throw new ReckoningFault(field, 'must-not-be-negative');
}

/** Refuses anything that is not a whole number of zero or above. */
export function requireWhole(field: string, value: number): void {
  requireNotNegative(field, value);
  if (!Number.isInteger(value)) throw new ReckoningFault(field, 'must-be-whole');
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
