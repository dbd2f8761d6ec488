import { cylinderOverPiston } from '../../../sheet/pistonRoute';
import { checkedCard } from '../../checks/checkedCard';
import { viewsOn } from '../../checks/views';
import type { Card } from '../../kit/card';
import { ON_ROD } from './checks';
import { waitsToGoOnRods } from './rules';

/** Pistons weighed and ringed, on their rods, and put in. */
export const pistonsCard: Card<'pistons'> = {
  ...checkedCard('pistons', ['pistons']),
  // What is done on the bench waits for nothing; of separate cylinders a piston hangs on its rod in a closed case.
  waitsFor: ({ sheet, state }) => {
    const left = viewsOn(sheet, state.checks, 'pistons').filter(({ done }) => !done);
    const isOnRodNext = cylinderOverPiston(sheet) && left.every(({ check }) => check.id === ON_ROD);
    return isOnRodNext ? waitsToGoOnRods(sheet, state) : [];
  },
};
