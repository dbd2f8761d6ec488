import type { StraightedgeLine } from '@cardinex/core/block/headFlatness';

const LINES: Readonly<Record<StraightedgeLine, string>> = {
  long: 'along',
  cross: 'across',
  'diagonal-1': 'first diagonal',
  'diagonal-2': 'second diagonal',
};

/** How a straightedge lies, as on the card. */
export function lineName(line: StraightedgeLine): string {
  return LINES[line];
}

/** What was read along a line, null where it has not been. */
export function lineRead(line: StraightedgeLine, gap: string | null): string {
  return gap === null ? `${LINES[line]} not read` : `${LINES[line]} ${gap}`;
}
