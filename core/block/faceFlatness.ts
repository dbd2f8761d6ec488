import { againstLimit, type LimitVerdict } from '../quantity/limitVerdict';
import {
  ReckoningFault,
  requireNotNegative,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import { atMost, inMillionths } from '../quantity/withinLimits';

export interface FaceReading {
  /** How the straightedge lay, by a name of the caller's. */
  readonly line: string;
  /** The largest leaf that enters under it. */
  readonly gapMm: number;
  /** The length it was read over. */
  readonly overMm?: number;
}

export interface FaceFlatnessInput {
  readonly readings: readonly FaceReading[];
  /** The most for the whole face. */
  readonly limitMm: number;
  /** The most over a short length, where the book gives one besides. */
  readonly perLength?: { readonly gapMm: number; readonly overMm: number };
}

export interface FaceFlatness {
  readonly worstMm: number;
  readonly lines: readonly {
    readonly line: string;
    readonly gapMm: number;
    readonly code: LimitVerdict;
  }[];
  /** Over when a line is; `no-limit` when a line could not be held to all its limits. */
  readonly code: LimitVerdict;
}

/**
 * Whether a face is flat: a deck, a manifold, a cover, a flange. What is read over a length no longer than
 * that of `perLength` is also held to its gap: a face may be out gradually, but not within a hand's breadth.
 * @param input gaps and lengths in mm; a line may be read over several lengths
 * @throws ReckoningFault on no readings, one line read twice over the same length, a negative gap or limit
 * @example faceFlatness({ readings: [{ line: 'long', gapMm: 0.08, overMm: 600 }, { line: 'between 2 and 3',
 *   gapMm: 0.04, overMm: 100 }], limitMm: 0.1, perLength: { gapMm: 0.03, overMm: 100 } })
 *   // worst 0.08; long within, between 2 and 3 over; over
 */
export function faceFlatness({ readings, limitMm, perLength }: FaceFlatnessInput): FaceFlatness {
  requireSome('readings', readings);
  readings.forEach(({ line, gapMm, overMm }, place) => {
    requireNotNegative(`readings[${place}].gapMm`, gapMm);
    if (overMm !== undefined) requirePositive(`readings[${place}].overMm`, overMm);
    const before = readings
      .slice(0, place)
      .find((other) => other.line === line && sameLength(other.overMm, overMm));
    if (before) throw new ReckoningFault(`readings[${place}].line`, 'repeated', { id: line });
  });
  requireNotNegative('limitMm', limitMm);
  if (perLength) {
    requireNotNegative('perLength.gapMm', perLength.gapMm);
    requirePositive('perLength.overMm', perLength.overMm);
  }
  const codeOf = ({ gapMm, overMm }: FaceReading): LimitVerdict => {
    const whole = againstLimit(gapMm, limitMm);
    if (whole === 'over' || !perLength) return whole;
    if (overMm === undefined) return 'no-limit';
    return atMost(overMm, perLength.overMm) ? againstLimit(gapMm, perLength.gapMm) : whole;
  };
  const lines = readings.map((reading) => ({
    line: reading.line,
    gapMm: reading.gapMm,
    code: codeOf(reading),
  }));
  const some = (code: LimitVerdict): boolean => lines.some((line) => line.code === code);
  return {
    worstMm: Math.max(...readings.map(({ gapMm }) => gapMm)),
    lines,
    code: some('over') ? 'over' : some('no-limit') ? 'no-limit' : 'within',
  };
}

function sameLength(a: number | undefined, b: number | undefined): boolean {
  return a === undefined || b === undefined ? a === b : inMillionths(a) === inMillionths(b);
}
