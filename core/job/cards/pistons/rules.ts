import { cylinderOverPiston, routesOf } from '../../../sheet/pistonRoute';
import type { ActOf } from '../../act';
import { seenOf } from '../../checks/state';
import type { DecideContext } from '../../decideContext';
import { isPassed } from '../../outOfOrder';
import { cylindersInScope, offOfKind, type JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { Wait } from '../../trayReason';
import { ACCEPTED, refused, type Verdict } from '../../verdict';
import { waitsForFit } from '../fit/standing';
import { ON_ROD } from './checks';

/** What pistons of separate cylinders go onto their rods after: the case, closed over the rods. */
export function waitsToGoOnRods(sheet: JobSheet, state: JobState): readonly Wait[] {
  const under = offOfKind(sheet, 'rod-and-piston').flatMap(
    ({ id }) => sheet.comesOff.backAfter.get(id) ?? [],
  );
  return waitsForFit(sheet, state, under).filter(
    (wait) => !isPassed(state, { card: 'pistons' }, wait),
  );
}

/** Another way is chosen among those the sheet allows, before the first piston is on its rod. */
export function decidePistonRoute(
  { checks }: JobState,
  { data: { route } }: ActOf<'piston-route.chosen'>,
  { sheet }: DecideContext,
): Verdict {
  if (!routesOf(sheet).includes(route)) return refused('unknown-route');
  const isBegun = cylindersInScope(sheet).some((cylinder) =>
    ['part-way-in', 'pin'].some(
      (step) => seenOf(checks, ON_ROD, String(cylinder), step)?.found === 'good',
    ),
  );
  return isBegun ? refused('route-begun') : ACCEPTED;
}

/** May a piston be put on its rod? Not while the case is still to be closed over it. */
export function decideOnRod(sheet: JobSheet, state: JobState): Verdict {
  const [wait] = cylinderOverPiston(sheet) ? waitsToGoOnRods(sheet, state) : [];
  if (wait?.code !== 'card-first') return ACCEPTED;
  const { card, set } = wait;
  return refused('card-before', { card, ...(set !== undefined && { set }) });
}
