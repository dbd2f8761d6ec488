import { ifAny, seenCheck, type Check } from '../../checks/check';
import { cylindersInScope, takesPistonsOut, type JobSheet } from '../../scope';

/** What is done to a bore before a piston goes in, in order. */
export const BORE_STEPS = ['honed', 'washed', 'white-rag', 'dried', 'oiled'] as const;

/** Bores made ready, one after the other: washed ones rust while others are washed. */
export function boreChecks(sheet: JobSheet): readonly Check[] {
  if (!takesPistonsOut(sheet)) return [];
  const places = BORE_STEPS.filter((step) => step !== 'honed' || sheet.bores?.honing);
  const items = cylindersInScope(sheet).map(String);
  return ifAny(
    seenCheck(
      { id: 'bore-work', card: 'bores', kind: 'bore-work', items },
      { places, byItem: true },
    ),
  );
}
