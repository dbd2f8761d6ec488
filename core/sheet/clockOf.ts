import { ringClock, type RingClock } from '../piston/ringClock';
import { ReckoningFault } from '../quantity/reckoningFault';
import type { EngineSheet } from './engineSheet';
import { memoizeByObject } from './memoize';
import { thrustDegOf } from './thrustDegOf';

/**
 * Where an engine's ring gaps go, for the way it turns and by its own rule.
 * @returns null where its sheet does not say how they are spread, or lists rings none can be made of
 */
export const clockOf = memoizeByObject((sheet: EngineSheet): RingClock | null => {
  const { rings = [], stagger } = sheet.pistons ?? {};
  if (rings.length === 0 || !stagger) return null;
  const { rule, keepClearDeg } = stagger;
  try {
    return ringClock({ rings, rule, pinDeg: 0, thrustDeg: thrustDegOf(sheet) ?? 90, keepClearDeg });
  } catch (error) {
    if (error instanceof ReckoningFault) return null;
    throw error;
  }
});
