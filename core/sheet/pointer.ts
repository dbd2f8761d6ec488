/**
 * A place in a document, as RFC 6901 writes it.
 * @example pointerSteps('/liners/low') // ['liners', 'low']
 */
export function pointerSteps(pointer: string): readonly string[] {
  return pointer
    .split('/')
    .slice(1)
    .map((step) => step.replaceAll('~1', '/').replaceAll('~0', '~'));
}

/** What stands at a place; undefined where the document has no such place. */
export function valueAt(document: unknown, pointer: string): unknown {
  return pointerSteps(pointer).reduce<unknown>(
    (value, step) =>
      typeof value === 'object' && value !== null && Object.hasOwn(value, step)
        ? (value as Readonly<Record<string, unknown>>)[step]
        : undefined,
    document,
  );
}

/** A copy of the document with another value at a place that it has. */
export function withValueAt<D>(document: D, pointer: string, to: unknown): D {
  return placed(document, pointerSteps(pointer), to) as D;
}

function placed(value: unknown, steps: readonly string[], to: unknown): unknown {
  const [step, ...rest] = steps;
  if (step === undefined) return to;
  if (Array.isArray(value)) {
    return value.map((item, place) => (String(place) === step ? placed(item, rest, to) : item));
  }
  const object = value as Readonly<Record<string, unknown>>;
  return { ...object, [step]: placed(object[step], rest, to) };
}
