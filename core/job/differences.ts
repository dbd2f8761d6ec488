import type { Decision, LayersState, Point } from './facts/layers';
import { checkSheet } from '../sheet/checks/checkSheet';
import type { SheetFinding } from '../sheet/checks/finding';
import type { EngineSheet } from '../sheet/engineSheet';
import { memoizeByPair } from '../sheet/memoize';
import { pointerTo, valueAtPlace, withValueAtPlace } from '../sheet/place';
import { setOf } from '../sheet/programmeOf';
import { pointerSteps } from '../sheet/pointer';
import { saysTheSame } from '../sheet/saysTheSame';
import type { Afterwards } from '../sheet/spec/fastening';
import { THE_SHEET } from './layers';

/** What one source says at a place. */
export interface Claim {
  /** {@link THE_SHEET}, or the id of a leaflet or deviation. */
  readonly by: string;
  /** Undefined where the sheet is silent. */
  readonly value: unknown;
}

/**
 * How the sources stand to each other at a place: `agrees` they say the same; `adds` the sheet is
 * silent; `deviates` this engine has had it changed; `open` they differ and nobody has decided;
 * `decided` somebody has; `nowhere` the sheet has no such place.
 */
export type DifferenceStanding = 'agrees' | 'adds' | 'deviates' | 'open' | 'decided' | 'nowhere';

/** A place of the sheet where a leaflet or a deviation says something too. */
export interface Difference {
  readonly place: string;
  /** The sheet first, then deviations and leaflets in the order they were entered. */
  readonly claims: readonly [Claim, ...Claim[]];
  readonly standing: DifferenceStanding;
  /** Whose figure the job runs on. */
  readonly stands: Claim;
  readonly decision?: Decision;
}

/** What a job's leaflets and deviations come to. */
export interface Layered {
  /** The sheet with what holds laid over it; as it was, where that would not add up. */
  readonly sheet: EngineSheet;
  readonly differences: readonly Difference[];
  /** What would not add up. Nothing is worked by figures that do not. */
  readonly objections: readonly SheetFinding[];
}

/**
 * The sheet with a job's leaflets and deviations laid over it. Until a contradiction is decided the
 * sheet's own figure stands, and what depends on it waits.
 * @param base the sheet with its variant laid over it
 * @returns the same object for the same sheet and layers: plans are worked out once for each sheet
 */
export const layeredOn = memoizeByPair(layOver);

function layOver(base: EngineSheet, state: LayersState): Layered {
  if (state.layers.length === 0) return { sheet: base, differences: [], objections: [] };
  const places = [...new Set(state.layers.flatMap(({ points }) => points.map(({ at }) => at)))];
  const differences = places.map((place) => differenceAt(base, state, place));
  const holding = differences
    .filter(({ stands }) => stands.by !== THE_SHEET)
    .map(({ place, stands }) => ({ at: place, to: stands.value }));
  const sheet = withPoints(base, holding);
  const objections = newFaults(base, sheet);
  return { sheet: objections.length > 0 ? base : sheet, differences, objections };
}

/** The sheet with all that a leaflet says laid over it, whoever may decide against it. */
export function withPoints(base: EngineSheet, points: readonly Point[]): EngineSheet {
  return points.reduce((sheet, { at, to }) => withValueAtPlace(sheet, at, to), base);
}

/** What bars a sheet that did not bar the one it was made from. */
export function newFaults(base: EngineSheet, sheet: EngineSheet): readonly SheetFinding[] {
  if (sheet === base) return [];
  const keyOf = ({ at, code }: SheetFinding): string => `${at} ${code}`;
  const before = new Set(checkSheet(base).map(keyOf));
  return checkSheet(sheet).filter((finding) => finding.bars && !before.has(keyOf(finding)));
}

function differenceAt(base: EngineSheet, state: LayersState, place: string): Difference {
  const sheet: Claim = { by: THE_SHEET, value: valueAtPlace(base, place) };
  const sentenceOf = (kind: 'leaflet' | 'deviation'): Claim[] =>
    state.layers
      .filter((layer) => layer.kind === kind)
      .flatMap(({ id, points }) =>
        points.filter(({ at }) => at === place).map(({ to }) => ({ by: id, value: to })),
      );
  const deviations = sentenceOf('deviation');
  const leaflets = sentenceOf('leaflet');
  const claims: Difference['claims'] = [sheet, ...deviations, ...leaflets];
  if (pointerTo(base, place) === null) return { place, claims, standing: 'nowhere', stands: sheet };

  // What was done to this engine holds over what its maker printed, the last of it over the first.
  const standing = deviations.at(-1) ?? sheet;
  const decision = state.decided[place];
  const taken = decision && claims.find(({ by }) => by === decision.take);
  if (taken && claims.every(({ by }) => decision.among.includes(by))) {
    return { place, claims, standing: 'decided', stands: taken, decision };
  }
  const first = leaflets[0];
  if (!first) return { place, claims, standing: agreement(sheet, standing), stands: standing };
  const alike = leaflets.every(({ value }) => saysTheSame(value, first.value));
  if (standing.value === undefined && alike && !disturbsStretch(base, place, first.value)) {
    return { place, claims, standing: 'adds', stands: first };
  }
  if (alike && saysTheSame(standing.value, first.value)) {
    return { place, claims, standing: agreement(sheet, standing), stands: standing };
  }
  return { place, claims, standing: 'open', stands: standing };
}

function agreement(sheet: Claim, standing: Claim): DifferenceStanding {
  return saysTheSame(sheet.value, standing.value) ? 'agrees' : 'deviates';
}

/** Would it have stretch bolts eased or pulled again outside their own programme? */
function disturbsStretch(base: EngineSheet, place: string, value: unknown): boolean {
  const [list, set, part] = pointerSteps(place);
  if (list !== 'fastenedSets' || part !== 'afterwards') return false;
  const groups = setOf(base, (set ?? '').replace(/^id=/, ''))?.groups ?? [];
  return (
    (value as Partial<Afterwards> | null)?.demand === 'do' &&
    groups.some(({ stretch, uses }) => stretch && uses === 'one')
  );
}
