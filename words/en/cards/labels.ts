import type { Mark } from '@cardinex/core/job/cards/mark/view';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { endName } from '../quantity';
import { markName, markNotOn, markPlace, markUp } from './mark';

interface LabelText {
  readonly title: string;
  /** What it is, where it sat, which end is cylinder 1. */
  readonly lines: readonly string[];
  /** Which way up, and where no stamp may go. */
  readonly foot: string;
}

/** What stands on the tag of a part. */
export function labelText(mark: Mark, sheet: Pick<EngineSheet, 'cylinder1End'>): LabelText {
  const own = mark.kind === 'bolts' || mark.kind === 'shells' ? [] : [markName(mark)];
  const place = markPlace(mark.place);
  return {
    title: mark.code,
    lines: [...own, ...(place === '' ? [] : [place]), `Cyl 1 at ${endName(sheet.cylinder1End)}`],
    foot: `${markUp(mark.kind)} ${markNotOn(mark.kind)}`,
  };
}
