import {
  ReckoningFault,
  requireDistinct,
  requireNotNegative,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import { atLeast, atMost } from '../quantity/withinLimits';

/** How a straightedge is laid on a head: along it, across it, and on both diagonals. */
export const STRAIGHTEDGE_LINES = ['long', 'cross', 'diagonal-1', 'diagonal-2'] as const;
export type StraightedgeLine = (typeof STRAIGHTEDGE_LINES)[number];

export interface HeadFlatnessInput {
  /** The largest leaf that enters under each line. */
  readonly readings: readonly { readonly line: StraightedgeLine; readonly gapMm: number }[];
  readonly limitMm: number;
  /** The head carries the camshaft: its bearing line has moved with its face. */
  readonly camInHead: boolean;
  /** Its maker allows such a head to be cut all the same. */
  readonly camInHeadCutAllowed?: boolean;
  /** As measured now; it may have been cut before. */
  readonly thicknessMm?: number;
  /** When new. */
  readonly standardMm?: number;
  /** The least it may be. */
  readonly repairMm?: number;
  /** Taken off beyond the worst gap, so that the face cleans up. */
  readonly cutAllowanceMm?: number;
}

/** What to do with the head. */
export type HeadVerdict = 'reuse' | 'measure' | 'resurface' | 'replace';

/** Why. */
export type HeadReason =
  | 'below-repair'
  | 'flat'
  | 'lines-missing'
  | 'cam-in-head'
  | 'thickness-unknown'
  | 'enough-left'
  | 'too-little-left';

export interface HeadFlatness {
  readonly verdict: HeadVerdict;
  readonly because: HeadReason;
  readonly worst: { readonly line: StraightedgeLine; readonly gapMm: number };
  readonly missing: readonly StraightedgeLine[];
  /** What would come off; where it is out of flat and its thickness is known. */
  readonly cutMm?: number;
  readonly thicknessAfterMm?: number;
  /** What came off before; below zero for a head thicker than new: measure again. */
  readonly cutBeforeMm?: number;
}

/**
 * Whether a head may go back, may be cut, or must be replaced. In this order: thinner than its repair
 * figure, replace; flat on all four lines, reuse; lines not read, measure; cam in the head and no cut
 * allowed by its maker, replace; thickness or repair figure unknown, measure; then whether enough is
 * left after the cut.
 * @throws ReckoningFault on an empty or repeated line, a negative gap, a size that cannot be
 * @example headFlatness({ readings: [{ line: 'long', gapMm: 0.12 }, …], limitMm: 0.05, camInHead: false,
 *   thicknessMm: 91.8, repairMm: 91.4 }) // resurface: 91.68 left
 */
export function headFlatness(input: HeadFlatnessInput): HeadFlatness {
  const { readings, limitMm, camInHead, camInHeadCutAllowed = false } = input;
  const { thicknessMm, standardMm, repairMm, cutAllowanceMm = 0 } = input;
  requireSome('readings', readings);
  requireDistinct(
    'readings',
    readings.map(({ line }) => line),
    'line',
  );
  readings.forEach(({ gapMm }, place) => requireNotNegative(`readings[${place}].gapMm`, gapMm));
  requireNotNegative('limitMm', limitMm);
  requireNotNegative('cutAllowanceMm', cutAllowanceMm);
  for (const [field, size] of Object.entries({ thicknessMm, standardMm, repairMm })) {
    if (size !== undefined) requirePositive(field, size);
  }
  if (standardMm !== undefined && repairMm !== undefined && !atLeast(standardMm, repairMm)) {
    throw new ReckoningFault('standardMm', 'range-upside-down');
  }
  const worst = readings.reduce((most, entry) => (entry.gapMm > most.gapMm ? entry : most));
  const missing = STRAIGHTEDGE_LINES.filter((line) => !readings.some((item) => item.line === line));
  const flat = atMost(worst.gapMm, limitMm);
  const cutMm = worst.gapMm + cutAllowanceMm;
  const known = thicknessMm !== undefined && repairMm !== undefined;
  const decided = (): readonly [HeadVerdict, HeadReason] => {
    if (known && !atLeast(thicknessMm, repairMm)) return ['replace', 'below-repair'];
    if (flat && missing.length === 0) return ['reuse', 'flat'];
    if (missing.length > 0) return ['measure', 'lines-missing'];
    if (camInHead && !camInHeadCutAllowed) return ['replace', 'cam-in-head'];
    if (!known) return ['measure', 'thickness-unknown'];
    return atLeast(thicknessMm - cutMm, repairMm)
      ? ['resurface', 'enough-left']
      : ['replace', 'too-little-left'];
  };
  const [verdict, because] = decided();
  return {
    verdict,
    because,
    worst: { line: worst.line, gapMm: worst.gapMm },
    missing,
    ...(!flat && { cutMm }),
    ...(!flat && thicknessMm !== undefined && { thicknessAfterMm: thicknessMm - cutMm }),
    ...(thicknessMm !== undefined &&
      standardMm !== undefined && { cutBeforeMm: standardMm - thicknessMm }),
  };
}
