import type { Check } from '@cardinex/core/job/checks/check';
import type { CheckView } from '@cardinex/core/job/checks/view';

/**
 * The check to go on with on a card: the next that is not done, after one if it is said, else from the first.
 * @returns null where all are done, or only that one is not
 */
export function openAfter(views: readonly CheckView[], after?: Check): Check | null {
  const at = views.findIndex(({ check }) => check.id === after?.id) + 1;
  const open = [...views.slice(at), ...views.slice(0, at)].find(
    ({ done, check }) => !done && check.id !== after?.id,
  );
  return open?.check ?? null;
}
