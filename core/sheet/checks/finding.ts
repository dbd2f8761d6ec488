/**
 * Something about a sheet that does not add up. `at` is where, as a path ("overhead.valves[3].id");
 * `words/` makes the sentence.
 */
export interface SheetFinding {
  readonly at: string;
  readonly code: SheetFindingCode;
  /** A sheet with a barring finding may be kept as a draft, not published. */
  readonly bars: boolean;
  readonly facts: Readonly<Record<string, string | number>>;
}

export type SheetFindingCode =
  | 'text-differs'
  | 'range-upside-down'
  | 'figure-outside-limits'
  | 'must-be-positive'
  | 'repeated'
  | 'no-such-bearing'
  | 'cylinder-missing'
  | 'unknown-cylinder'
  | 'same-end'
  | 'end-not-here'
  | 'bank-count'
  | 'firing-repeats'
  | 'firing-misses'
  | 'firing-starts'
  | 'intervals-count'
  | 'intervals-sum'
  | 'sister-is-self'
  | 'unknown-group'
  | 'group-needed'
  | 'unknown-fastener'
  | 'order-misses'
  | 'order-repeats'
  | 'left-out-but-ordered'
  | 'far-side-not-ordered'
  | 'far-side-and-together'
  | 'no-value'
  | 'value-falls'
  | 'value-repeated'
  | 'stretch-disturbed'
  | 'demands-contradict'
  | 'unknown-set'
  | 'unknown-piece'
  | 'assembly-circle'
  | 'act-never'
  | 'no-head-piece'
  | 'covers-missing'
  | 'unknown-place'
  | 'unknown-bearing'
  | 'piece-misses-cylinder'
  | 'clamps-nothing'
  | 'not-held'
  | 'unknown-part'
  | 'joints-not-kit'
  | 'too-many-instances'
  | 'rests-on-itself'
  | 'shares-nothing'
  | 'unknown-wheel'
  | 'unknown-mark'
  | 'links-missing'
  | 'outside-map'
  | 'same-place'
  | 'no-tensioner'
  | 'wait-without-time'
  | 'two-stroke-intake'
  | 'strokes-differ'
  | 'cam-event-missing'
  | 'cam-event-foreign'
  | 'window-impossible'
  | 'overlap-strange'
  | 'valve-without-gap'
  | 'valve-missing'
  | 'rod-cap-missing'
  | 'head-group-misses'
  | 'gap-missing'
  | 'hydraulic-missing'
  | 'no-screw'
  | 'no-shims'
  | 'unknown-valve'
  | 'book-misses'
  | 'book-repeats'
  | 'book-doubtful'
  | 'angle-outside-cycle'
  | 'height-of-other-school'
  | 'grade-overlaps'
  | 'grade-rule-missing'
  | 'cut-though-cam'
  | 'repair-above-standard'
  | 'pairs-not-all'
  | 'override-nowhere'
  | 'override-of-id'
  | 'override-kind'
  | 'serials-upside-down'
  | 'option-not-told';

type Facts = SheetFinding['facts'];

/** Bars publishing. */
export function fault(at: string, code: SheetFindingCode, facts: Facts = {}): SheetFinding {
  return { at, code, bars: true, facts };
}

/** Worth a look, and may stand. */
export function doubt(at: string, code: SheetFindingCode, facts: Facts = {}): SheetFinding {
  return { at, code, bars: false, facts };
}

/** Places of a list at which a value stands that stood before. */
export function repeats(
  values: readonly (string | number)[],
): readonly { readonly place: number; readonly value: string | number }[] {
  const seen = new Set<string | number>();
  return values.flatMap((value, place) => {
    if (seen.has(value)) return [{ place, value }];
    seen.add(value);
    return [];
  });
}

/** Things drawn nearer than this have one's place typed for the other's. */
const SAME_PLACE_MM = 1;

/** A finding for everything of a list that stands where one before it stands, both by name. */
export function samePlaces(
  at: string,
  list: readonly { readonly name: string; readonly xMm: number; readonly yMm: number }[],
): SheetFinding[] {
  return list.flatMap(({ name, xMm, yMm }, place) => {
    const before = list
      .slice(0, place)
      .find((other) => Math.hypot(other.xMm - xMm, other.yMm - yMm) < SAME_PLACE_MM);
    return before
      ? [fault(`${at}[${place}]`, 'same-place', { one: name, other: before.name })]
      : [];
  });
}

/** A finding for every id of a list that stood in it before. */
export function repeatedIds(at: string, list: readonly { readonly id: string }[]): SheetFinding[] {
  return repeats(list.map((item) => item.id)).map(({ place, value }) =>
    fault(`${at}[${place}].id`, 'repeated', { id: value }),
  );
}
