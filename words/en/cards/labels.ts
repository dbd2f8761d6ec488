import type { Mark } from '@cardinex/core/job/cards/mark';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { endName } from '../quantity';
import { markName, markNotOn, markPlace, markUp } from './mark';

/** What stands on the tag of a part: its code, what it is, where it sat, which end is cylinder 1. */
export function labelText(
  mark: Mark,
  sheet: Pick<EngineSheet, 'cylinder1End' | 'name'>,
): { readonly title: string; readonly lines: readonly string[] } {
  const place = markPlace(mark.place);
  return {
    title: mark.code,
    lines: [
      markName(mark),
      ...(place === '' ? [] : [place]),
      `Cyl 1 is at ${endName(sheet.cylinder1End)}.`,
      markUp(mark.kind),
      markNotOn(mark.kind),
    ],
  };
}
