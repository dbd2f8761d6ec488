import { pistonPlacings } from '../../crank/pistonPlacing';
import { firingOf } from '../../sheet/overheadOf';
import { cylinderOverPiston } from '../../sheet/pistonRoute';
import type { JobSheet } from '../scope';
import type { JobState } from '../state';
import { allChecks } from './allChecks';
import { CRANK_PLACED, turnsCrankAt, type Check } from './check';
import { seenOf } from './state';

/**
 * Is the crank turned for a step of a check? Not where it stands already: brought there for another cylinder whose throw
 * stands alike, and not turned since.
 * @param item of the check; where it has one for each cylinder, its number last: `2`, `cylinder/2`
 */
export function isTurnedFor(
  sheet: JobSheet,
  state: JobState,
  check: Check,
  item: string,
  place: string,
): boolean {
  if (!turnsCrankAt(check, place)) return false;
  return place !== CRANK_PLACED || !isCrankThere(sheet, state, check, item);
}

function isCrankThere(sheet: JobSheet, state: JobState, check: Check, item: string): boolean {
  const at = cylinderOverPiston(sheet) ? 'top' : 'bottom';
  const own = cylinderOfItem(item);
  const { together = [] } =
    pistonPlacings(firingOf(sheet), at).find(({ cylinder }) => cylinder === own) ?? {};
  const placed = check.items
    .filter((other) => together.includes(cylinderOfItem(other)))
    .flatMap((other) => seenOf(state.checks, check.id, other, CRANK_PLACED)?.seq ?? []);
  if (placed.length === 0) return false;
  return Math.max(...placed) >= lastTurned(sheet, state);
}

/** The cylinder an item of a check is of, its number last: `2`, `cylinder/2`. */
export function cylinderOfItem(item: string): number {
  return Number(item.split('/').at(-1));
}

/** The place in the log of whatever turned the crank last. */
function lastTurned(sheet: JobSheet, state: JobState): number {
  const seen = allChecks(sheet).flatMap((check) =>
    check.turnsCrank
      ? check.items.flatMap((item) =>
          check.places
            .filter((place) => turnsCrankAt(check, place))
            .flatMap((place) => seenOf(state.checks, check.id, item, place)?.seq ?? []),
        )
      : [],
  );
  return Math.max(state.crank.movedSeq ?? 0, 0, ...seen);
}
