import { EXPANSION_PER_K, pinHeat, type PinHeat } from '../piston/pinHeat';
import { figureMm } from '../quantity/figureMm';
import { ReckoningFault } from '../quantity/reckoningFault';
import type { EngineSheet } from './engineSheet';

/** How warm a shop is taken to be. */
const SHOP_TEMP_C = 20;

/**
 * How warm the rod of a pressed pin, or the piston of a warmed one, must be on this engine.
 * @returns null for a free pin, or where the sheet has no figures for it
 */
export function pinHeatOf({ pistons }: Pick<EngineSheet, 'pistons'>): PinHeat | null {
  const { fit, heat } = pistons?.pin ?? {};
  if (!heat || fit === undefined || fit === 'free') return null;
  try {
    return pinHeat({
      interferenceMm: figureMm(heat.interference),
      wantedClearanceMm: figureMm(heat.clearance),
      diaMm: figureMm(heat.diameter),
      alphaPerK: EXPANSION_PER_K[fit === 'piston-warmed' ? 'alloy' : 'steel'],
      ambientTempC: SHOP_TEMP_C,
      ...(heat.most && { maxTempC: heat.most.value }),
    });
  } catch (error) {
    // Figures it cannot be reckoned from are the sheet's fault, and no reason to lose the card.
    if (error instanceof ReckoningFault) return null;
    throw error;
  }
}
