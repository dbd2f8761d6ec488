import { ifAny, seenCheck, type Check } from '../../checks/check';
import { setsInScope, takesHeadApart, type JobSheet } from '../../scope';

/** How a head is built, in the order it is done. */
const HEAD_STEPS = [
  'guides',
  'stem-seals',
  'spring-seats',
  'springs',
  'collets',
  'sleeves',
  'head-washed',
] as const;

/** A head of a set, among the items of its check: "head/2". */
function headItem(set: string, instance: string): string {
  return `${set}/${instance}`;
}

/** Each head built before it goes on, on jobs that take heads apart. */
export function headBuiltChecks(sheet: JobSheet): readonly Check[] {
  if (!takesHeadApart(sheet)) return [];
  const heads = setsInScope(sheet)
    .filter(({ kind }) => kind === 'head')
    .flatMap(({ id, instances }) => instances.map((instance) => headItem(id, instance)));
  // Only what burns by itself has an injector in a sleeve of the head.
  const places = HEAD_STEPS.filter((step) => step !== 'sleeves' || sheet.fuel === 'diesel');
  return ifAny(
    seenCheck(
      { id: 'head-built', card: 'head-build', kind: 'head-built', items: heads },
      { places, byItem: true },
    ),
  );
}
