import type { Check } from '@cardinex/core/job/checks/check';
import type { JobSheet } from '@cardinex/core/job/scope';
import { itemName, placeName } from '@cardinex/words/checkNames';

/** One of a row, which may be left out of it. */
export interface RowMember {
  readonly id: string;
  readonly name: string;
}

/** Are these drawn by number, their names below: pieces, hoses, kinds of studs, whose names go into no drawing? */
export function isNumbered({ kind }: Pick<Check, 'kind'>): boolean {
  return kind === 'fitted' || kind === 'head-on';
}

/** Is one thing in hand, and what is said of it a row of steps: all its hoses? */
export function isOfSteps(check: Pick<Check, 'kind'>, items: readonly string[]): boolean {
  return isNumbered(check) && items.length === 1;
}

/** What a row is said of: each of its items, or each of the steps of the only one. */
export function membersOfRow(
  sheet: JobSheet,
  check: Check,
  items: readonly string[],
  steps: readonly string[],
): readonly RowMember[] {
  return isOfSteps(check, items)
    ? steps.map((id) => ({ id, name: placeName(sheet, check, id) }))
    : (isNumbered(check) ? items : check.items).map((id) => ({
        id,
        name: itemName(sheet, check, id),
      }));
}
