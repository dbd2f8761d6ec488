import { numberIn } from '@cardinex/core/sheet/checks/figures';
import { readNumber } from '@cardinex/core/quantity/readNumber';
import { unitNamed } from '@cardinex/core/quantity/readQuantity';

interface ReadFigure {
  readonly text: string;
  readonly value?: number;
  readonly unit?: string;
}

/**
 * A figure as it is typed from the book: its number, and the unit it names among those it may have.
 * Without a unit it takes the one it had, or the only one there is.
 * @example readFigure('0,30 mm', ['mm', 'thou', 'in']) // { text: '0,30 mm', value: 0.3, unit: 'mm' }
 */
export function readFigure(text: string, units: readonly string[], before?: string): ReadFigure {
  const value = numberIn(text);
  const read = readNumber(text);
  const named = read.ok ? unitNamed(read.rest) : null;
  const unit =
    named !== null && units.includes(named)
      ? named
      : (before ?? (units.length === 1 ? units[0] : undefined));
  return { text, ...(value !== null && { value }), ...(unit !== undefined && { unit }) };
}
