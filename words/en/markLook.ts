import { MARKS_CHECKED, MARKS_PROVED, MARKS_SET } from '@cardinex/core/job/cards/timing/view';

const MARK_LOOKS: Readonly<Record<string, string>> = {
  [MARKS_SET]: 'set',
  [MARKS_CHECKED]: 'once more, wheels pulled',
  [MARKS_PROVED]: 'after two turns',
};

/** Which of its three looks a mark is given by a check; undefined for a check of anything else. */
export function markLook(check: string): string | undefined {
  return MARK_LOOKS[check];
}
