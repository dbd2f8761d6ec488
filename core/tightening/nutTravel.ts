import { atMost } from '../quantity/withinLimits';
import { median } from '../quantity/median';
import { requireDistinct, requireNotNegative, requireSome } from '../quantity/reckoningFault';

export interface NutTravelInput {
  /** How far each nut went, in holes for the bar; parts of a hole count. */
  readonly nuts: readonly { readonly id: string; readonly holes: number }[];
  readonly toleranceHoles: number;
  /** What the book expects, or the stretch of the stud comes to. */
  readonly expectedHoles?: number;
}

export interface NutTravel {
  readonly medianHoles: number;
  readonly nuts: readonly {
    readonly id: string;
    readonly holes: number;
    /** Beyond the median; less than nothing: short of it. */
    readonly offHoles: number;
    readonly verdict: 'alike' | 'odd' | 'not-judged';
  }[];
  /**
   * `alike`: all within the tolerance of the middle one. `odd`: some are not. `too-few`: under three,
   * none can be told to be odd. `all-off`: the middle one is away from what is expected.
   */
  readonly findings: readonly ('alike' | 'odd' | 'too-few' | 'all-off')[];
}

/** Under this many, which of them is odd cannot be told. */
const FEWEST = 3;

/**
 * Did all nuts travel alike, and as far as they should? Each is held against the middle one, which a
 * single odd nut does not move.
 * @throws ReckoningFault naming the field
 * @example nutTravel({ nuts: [2, 2, 3.5, 2].map((holes, at) => ({ id: `${at + 1}`, holes })), toleranceHoles: 0.5 })
 * // nut 3 is odd
 */
export function nutTravel({ nuts, toleranceHoles, expectedHoles }: NutTravelInput): NutTravel {
  requireSome('nuts', nuts);
  requireDistinct(
    'nuts',
    nuts.map(({ id }) => id),
  );
  nuts.forEach(({ holes }, at) => requireNotNegative(`nuts[${at}].holes`, holes));
  requireNotNegative('toleranceHoles', toleranceHoles);
  if (expectedHoles !== undefined) requireNotNegative('expectedHoles', expectedHoles);
  const medianHoles = median(nuts.map(({ holes }) => holes));
  const judged = nuts.map(({ id, holes }) => {
    const offHoles = holes - medianHoles;
    const alike = atMost(Math.abs(offHoles), toleranceHoles);
    const verdict =
      nuts.length < FEWEST
        ? ('not-judged' as const)
        : alike
          ? ('alike' as const)
          : ('odd' as const);
    return { id, holes, offHoles, verdict };
  });
  const alike =
    nuts.length < FEWEST
      ? ('too-few' as const)
      : judged.some(({ verdict }) => verdict === 'odd')
        ? ('odd' as const)
        : ('alike' as const);
  const allOff =
    expectedHoles !== undefined && !atMost(Math.abs(medianHoles - expectedHoles), toleranceHoles);
  return { medianHoles, nuts: judged, findings: [alike, ...(allOff ? ['all-off' as const] : [])] };
}
