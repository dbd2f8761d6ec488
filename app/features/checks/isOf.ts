import type { LoggedAct } from '@cardinex/core/job/act';

/** Is an act of one check? What was done on another is not undone from its card. */
export function isOf(check: string): (act: LoggedAct) => boolean {
  return ({ data }) => 'check' in data && data.check === check;
}
