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

/**
 * Steps as a pointer.
 * @example pointerOf(['liners', 'low']) // '/liners/low'
 */
export function pointerOf(steps: readonly (string | number)[]): string {
  return steps
    .map((step) => `/${String(step).replaceAll('~', '~0').replaceAll('/', '~1')}`)
    .join('');
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

/** A copy of the document with another value at a place that it has, or at the next of one of its lists. */
export function withValueAt<D>(document: D, pointer: string, to: unknown): D {
  return placed(document, pointerSteps(pointer), to) as D;
}

function placed(value: unknown, steps: readonly string[], to: unknown): unknown {
  const [step, ...rest] = steps;
  if (step === undefined) return to;
  if (Array.isArray(value)) {
    const list = value as readonly unknown[];
    if (Number(step) === list.length) return [...list, to];
    return list.map((item, place) => (String(place) === step ? placed(item, rest, to) : item));
  }
  const object = value as Readonly<Record<string, unknown>>;
  return { ...object, [step]: placed(object[step], rest, to) };
}
