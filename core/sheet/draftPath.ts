/** A place in a draft. */
export type Path = readonly (string | number)[];

/** What stands at a place of a draft; undefined where nothing does yet. */
export function valueAt(document: unknown, path: Path): unknown {
  return path.reduce<unknown>(
    (value, step) =>
      typeof value === 'object' && value !== null
        ? (value as Readonly<Record<string | number, unknown>>)[step]
        : undefined,
    document,
  );
}

/**
 * A copy of a draft with another value at a place. What has nothing left in it goes with its last
 * field, so that a section touched and emptied again is not half there; entries of lists stay.
 */
export function withValue(document: unknown, path: Path, to: unknown): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return to;
  if (Array.isArray(document) || typeof step === 'number') {
    const list: unknown[] = Array.isArray(document) ? [...(document as unknown[])] : [];
    list[Number(step)] = withValue(list[Number(step)], rest, to) ?? {};
    return list;
  }
  const object = (document ?? {}) as Readonly<Record<string, unknown>>;
  const value = withValue(object[step], rest, to);
  if (value !== undefined) return { ...object, [step]: value };
  const { [step]: _gone, ...left } = object;
  return Object.keys(left).length === 0 ? undefined : left;
}

/** A path as the checks write it: "fastenedSets[0].groups[1].thread". */
export function placeText(path: Path): string {
  return path.reduce<string>((text, step) => {
    if (typeof step === 'number') return `${text}[${step}]`;
    return text === '' ? step : `${text}.${step}`;
  }, '');
}

/** A path with list places left out: "fastenedSets/x/programme". */
export function patternOf(path: Path): string {
  return path.map((step) => (typeof step === 'number' ? '*' : step)).join('/');
}
