import type { TimeDoubt } from '@cardinex/core/job/facts/actTime';
import { list, plural } from './kit';

/** What is said of an act that the server could not take at its word. */
export const cribWords = {
  agreesNow: 'The crib agrees by now',
  acts: (count: number) => plural(count, { one: '1 act', other: `${count} acts` }),
  disagrees: 'wrench not in the crib as was said',
  staleProof: 'PIN given longer than a shift ago',
} as const;

export const TIME_DOUBTS: Readonly<Record<TimeDoubt, string>> = {
  ahead: 'time cannot be: later than it came in',
  'before-opening': 'time cannot be: before the job was opened',
  'before-own': 'time cannot be: before what this device did earlier',
};

/**
 * What is to be done about wrenches that are not in the crib as was said.
 * @param wrenches their names; '' where no act tells it
 */
export function cribSentence(wrenches: readonly string[]): string {
  const named = wrenches.filter((name) => name !== '');
  return named.length === 0
    ? 'Pulled with a wrench that is not in the crib. Enter it there, or strike what it pulled.'
    : `Not in the crib as was said: ${list(named)}. Put the crib right, or strike what it pulled.`;
}
