/**
 * How the running face of an old shell was found: worn evenly, scored by dirt, at the edge towards cylinder 1's end or
 * away from it, wiped or run hot, through to its copper, pitted, or turned in its seat.
 */
export const SHELL_WEAR = [
  'even',
  'scored',
  'edge-near',
  'edge-far',
  'wiped',
  'copper',
  'pitted',
  'turned',
] as const;
export type ShellWear = (typeof SHELL_WEAR)[number];

/** One bearing of a shaft as its old shells came out. */
export interface ShellsOfBearing {
  readonly bearing: string;
  readonly upper?: ShellWear;
  readonly lower?: ShellWear;
}

interface ShellPatternInput {
  /** In their order along the shaft. */
  readonly bearings: readonly ShellsOfBearing[];
  /** The half that carries the load: a cap's of a main, the rod's own of a big end. */
  readonly loaded: 'upper' | 'lower';
}

/**
 * What the shells of a shaft say together; each finding names its bearings.
 *
 * - `turned`: turned in its seat: seat and cap are measured, a new shell alone turns again
 * - `all-hot`, `one-hot`, `middle-hot`, `end-hot`, `some-hot`: wiped or through to the copper, and where
 * - `edge-alone`, `edges-alike`, `edges-opposed`: worn at an edge, on one bearing, the same way, or not
 * - `scored-once`, `scored`: dirt went through one, or several
 * - `pitted`
 * - `other-half`: the half that carries no load is worn, and its fellow is not
 * - `even`: all of them seen, none worn otherwise than evenly
 */
export type ShellPatternCode =
  | 'turned'
  | 'all-hot'
  | 'one-hot'
  | 'middle-hot'
  | 'end-hot'
  | 'some-hot'
  | 'edge-alone'
  | 'edges-alike'
  | 'edges-opposed'
  | 'scored-once'
  | 'scored'
  | 'pitted'
  | 'other-half'
  | 'even';

export interface ShellPatternFinding {
  readonly code: ShellPatternCode;
  readonly bearings: readonly string[];
}

/**
 * Reads the pattern along a shaft: one shell alone tells less than its place among its fellows.
 *
 * Source: own; the usual reading of shells laid out in their order, which says where to look and decides nothing.
 * @example shellPattern({ loaded: 'lower', bearings: [
 *   { bearing: '1', upper: 'even', lower: 'even' }, { bearing: '2', upper: 'even', lower: 'copper' },
 *   { bearing: '3', upper: 'even', lower: 'even' }] }) // [{ code: 'one-hot', bearings: ['2'] }]
 */
export function shellPattern({
  bearings,
  loaded,
}: ShellPatternInput): readonly ShellPatternFinding[] {
  const other = loaded === 'upper' ? 'lower' : 'upper';
  const which = (is: (shells: ShellsOfBearing) => boolean): readonly string[] =>
    bearings.filter(is).map(({ bearing }) => bearing);
  const has = (...kinds: readonly ShellWear[]) =>
    which(({ upper, lower }) => [upper, lower].some((wear) => wear && kinds.includes(wear)));
  const near = has('edge-near');
  const far = has('edge-far');
  const edges = which(({ bearing }) => near.includes(bearing) || far.includes(bearing));
  const scored = has('scored');
  const hot = has('wiped', 'copper');
  const otherHalf = which(
    (shells) =>
      shells[loaded] === 'even' && shells[other] !== undefined && shells[other] !== 'even',
  );
  const found: readonly ShellPatternFinding[] = [
    { code: 'turned', bearings: has('turned') },
    { code: hotWhere(bearings, hot), bearings: hot },
    { code: edgesHow(near, far, edges), bearings: edges },
    { code: scored.length > 1 ? 'scored' : 'scored-once', bearings: scored },
    { code: 'pitted', bearings: has('pitted') },
    { code: 'other-half', bearings: otherHalf },
  ];
  const worn = found.filter((finding) => finding.bearings.length > 0);
  const isAllSeen = bearings.every(({ upper, lower }) => upper && lower);
  if (worn.length > 0 || bearings.length === 0 || !isAllSeen) return worn;
  return [{ code: 'even', bearings: which(() => true) }];
}

/** Where along the shaft the bearings that ran hot are. */
function hotWhere(bearings: readonly ShellsOfBearing[], hot: readonly string[]): ShellPatternCode {
  const places = bearings.flatMap(({ bearing }, at) => (hot.includes(bearing) ? [at] : []));
  const [first = 0] = places;
  const last = places.at(-1) ?? 0;
  const isRow = last - first + 1 === places.length;
  const end = bearings.length - 1;
  if (places.length === bearings.length && places.length > 1) return 'all-hot';
  if (places.length === 1) return 'one-hot';
  if (first > 0 && last < end) return 'middle-hot';
  return isRow ? 'end-hot' : 'some-hot';
}

function edgesHow(
  near: readonly string[],
  far: readonly string[],
  edges: readonly string[],
): ShellPatternCode {
  if (edges.length === 1) return 'edge-alone';
  return near.length === 0 || far.length === 0 ? 'edges-alike' : 'edges-opposed';
}
