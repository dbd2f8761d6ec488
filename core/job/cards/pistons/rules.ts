import { cylinderOverPiston } from '../../../sheet/pistonRoute';
import { isPassed } from '../../outOfOrder';
import { offOfKind, type JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { Wait } from '../../trayReason';
import { ACCEPTED, refused, type Verdict } from '../../verdict';
import { waitsForFit } from '../fit/standing';

/** What pistons of separate cylinders go onto their rods after: the case, closed over the rods. */
export function waitsToGoOnRods(sheet: JobSheet, state: JobState): readonly Wait[] {
  const under = offOfKind(sheet, 'rod-and-piston').flatMap(
    ({ id }) => sheet.comesOff.backAfter.get(id) ?? [],
  );
  return waitsForFit(sheet, state, under).filter(
    (wait) => !isPassed(state, { card: 'pistons' }, wait),
  );
}

/** May a piston be put on its rod? Not while the case is still to be closed over it. */
export function decideOnRod(sheet: JobSheet, state: JobState): Verdict {
  const [wait] = cylinderOverPiston(sheet) ? waitsToGoOnRods(sheet, state) : [];
  if (wait?.code !== 'card-first') return ACCEPTED;
  const { card, set } = wait;
  return refused('card-before', { card, ...(set !== undefined && { set }) });
}
