import { againstLimit, type LimitVerdict } from '../quantity/limitVerdict';
import {
  ReckoningFault,
  requireNotNegative,
  requireNumber,
  requirePositive,
} from '../quantity/reckoningFault';

export interface PinHeatInput {
  /** How much larger the pin is than its hole, both cold. */
  readonly interferenceMm: number;
  /** Clearance wanted for it to slip in. */
  readonly wantedClearanceMm: number;
  readonly diaMm: number;
  /** Expansion of the part that is warmed: about 1.2e-5 for steel, 2.2e-5 for light alloy. */
  readonly alphaPerK: number;
  readonly ambientTempC: number;
  /** What it may be warmed to. */
  readonly maxTempC?: number;
}

export interface PinHeat {
  readonly tempC: number;
  readonly riseK: number;
  readonly verdict: LimitVerdict;
  /** Clearance there is at the greatest warmth allowed; less than nothing: it will not go in. */
  readonly clearanceAtMaxMm?: number;
}

/** Expansion for each kelvin, of common steel and of light piston alloy. */
export const EXPANSION_PER_K = { steel: 1.2e-5, alloy: 2.1e-5 } as const;

/** Expansion for each kelvin of anything an engine is made of. */
export const EXPANSION = { low: 1e-6, high: 5e-5 } as const;
export const COLDEST_C = -273.15;
export const HOTTEST_C = 2000;

/**
 * How warm a rod or piston must be for its pin to slip in: its hole grows by alpha x diameter for
 * each kelvin, the pin staying as it is.
 * @throws ReckoningFault naming the field
 * @example pinHeat({ interferenceMm: 0.03, wantedClearanceMm: 0.03, diaMm: 30, alphaPerK: 1.2e-5, ambientTempC: 20 })
 * // 166.7 K warmer: 186.7 °C
 */
export function pinHeat(input: PinHeatInput): PinHeat {
  const { interferenceMm, wantedClearanceMm, diaMm, alphaPerK, ambientTempC, maxTempC } = input;
  requireNotNegative('interferenceMm', interferenceMm);
  requireNotNegative('wantedClearanceMm', wantedClearanceMm);
  requirePositive('diaMm', diaMm);
  requireNumber('alphaPerK', alphaPerK);
  if (alphaPerK < EXPANSION.low || alphaPerK > EXPANSION.high) {
    throw new ReckoningFault('alphaPerK', 'between', EXPANSION);
  }
  requireTemperature('ambientTempC', ambientTempC);
  if (maxTempC !== undefined) requireTemperature('maxTempC', maxTempC);
  const riseK = (interferenceMm + wantedClearanceMm) / (alphaPerK * diaMm);
  const tempC = ambientTempC + riseK;
  return {
    tempC,
    riseK,
    verdict: againstLimit(tempC, maxTempC),
    ...(maxTempC !== undefined && {
      clearanceAtMaxMm: (maxTempC - ambientTempC) * alphaPerK * diaMm - interferenceMm,
    }),
  };
}

function requireTemperature(field: string, tempC: number): void {
  requireNumber(field, tempC);
  if (tempC < COLDEST_C || tempC > HOTTEST_C)
    throw new ReckoningFault(field, 'between', { low: COLDEST_C, high: HOTTEST_C });
}
