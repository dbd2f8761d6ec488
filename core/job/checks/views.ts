import { checkView, type CheckView } from './view';
import { memoizeByPair } from '../../sheet/memoize';
import type { JobSheet } from '../scope';
import type { ChecksState } from '../facts/checks';
import { allChecks } from './allChecks';
import type { CheckCard } from './check';

/**
 * Where every check of a job stands, in the order they are done. Asked for by the inspection and by
 * every card that may wait for a part it found wanting, at every act.
 */
export const checkViews = memoizeByPair(
  (sheet: JobSheet, state: ChecksState): readonly CheckView[] =>
    allChecks(sheet).map((check) => checkView(sheet, state, check)),
);

/** Those of one card. */
export function viewsOn(
  sheet: JobSheet,
  state: ChecksState,
  card: CheckCard,
): readonly CheckView[] {
  return checkViews(sheet, state).filter(({ check }) => check.card === card);
}
