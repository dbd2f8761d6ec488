import type { Lack } from '../lacks';
import type { Standing } from '../standing';

/** A card whose sheet does not say what it cannot do without. */
export function lackingStanding(lacks: readonly Lack[]): Standing {
  return { status: 'barred', reason: { code: 'sheet-lacks', lacks }, trouble: false };
}
