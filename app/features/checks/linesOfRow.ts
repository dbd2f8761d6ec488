import type { Check } from '@cardinex/core/job/checks/check';
import type { JobSheet } from '@cardinex/core/job/scope';

interface RowPart {
  readonly id: string;
  readonly name: string;
}

/** No more on a line than a glove can tell apart. */
const MOST_ON_A_LINE = 8;

/** The items of a check as they lie in the engine: cylinders and valves bank by bank, bearings along the shaft. */
export function linesOfRow(
  { layout, overhead }: Pick<JobSheet, 'layout' | 'overhead'>,
  { items, journal }: Pick<Check, 'items' | 'journal'>,
): readonly (readonly RowPart[])[] {
  const cylinderOf = new Map(overhead?.valves.map(({ id, cylinder }) => [id, cylinder]));
  const bankOf = (item: string): number => {
    if (journal !== undefined) return 0;
    const cylinder = cylinderOf.get(item) ?? Number(item);
    return layout.banks.findIndex(({ cylinders }) => cylinders.includes(cylinder));
  };
  const banks = [...new Set(items.map(bankOf))].sort((a, b) => a - b);
  return banks.flatMap((bank) => {
    const own = items.filter((item) => bankOf(item) === bank);
    // As many on one line as on the next, and none left over by itself.
    const lines = Math.ceil(own.length / MOST_ON_A_LINE);
    const each = Math.ceil(own.length / lines);
    return Array.from({ length: lines }, (_, nth) =>
      own
        .slice(nth * each, (nth + 1) * each)
        // Of "head/2" its place alone: what it is stands above the drawing.
        .map((id) => ({ id, name: id.split('/').at(-1) ?? id })),
    );
  });
}
