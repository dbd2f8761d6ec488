import type { CardName } from './trayReason';
import { pointerSteps } from '../sheet/pointer';

/** A card of the tray, and the fastened set where several are tightened. */
export interface CardOf {
  readonly card: CardName;
  readonly set?: string;
}

/**
 * The cards that work by what stands at a place of the sheet; none for what is only read.
 * @param place as `core/sheet/place` names it
 */
export function cardsOfPlace(place: string): readonly CardOf[] {
  const [part, set] = pointerSteps(place);
  switch (part) {
    case 'liners':
      return [{ card: 'liners' }];
    case 'fastenedSets':
      return set?.startsWith('id=') ? [{ card: 'tighten', set: set.slice(3) }] : [];
    case 'bores':
      return [{ card: 'bores' }];
    case 'journals':
      return [{ card: 'shells' }, { card: 'crank' }];
    case 'pistons':
      return [{ card: 'pistons' }, { card: 'stand-out' }];
    case 'gasket':
      return [{ card: 'stand-out' }];
    case 'timing':
      return [{ card: 'timing' }, { card: 'pump' }];
    case 'overhead':
    case 'rotation':
    case 'firing':
      return [{ card: 'valves' }, { card: 'recheck' }];
    default:
      return [];
  }
}
