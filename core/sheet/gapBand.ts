import type { LengthFigure } from '../quantity/figure';
import type { PrintedLengthUnit } from '../quantity/units';

/** Our own: a tenth either side, and never less than a leaf can tell apart. */
const PART_OF_GAP = 0.1;
const LEAST: Readonly<
  Record<PrintedLengthUnit, { readonly value: number; readonly places: number }>
> = {
  mm: { value: 0.02, places: 2 },
  thou: { value: 1, places: 0 },
  in: { value: 0.001, places: 3 },
};

/** Who says so, where the book prints a gap without its least and most. */
const BAND_SOURCE = 'a tenth either side of the printed gap';

/**
 * Least and most of a gap of which a book prints the figure alone, both marked as assumed.
 * @example gapBand(0.3 mm) // 0.27 to 0.33 mm
 */
export function gapBand({ value, unit }: Pick<LengthFigure, 'value' | 'unit'>): {
  readonly low: LengthFigure;
  readonly high: LengthFigure;
} {
  const { value: least, places } = LEAST[unit];
  const aside = Math.max(value * PART_OF_GAP, least);
  const textOf = (bound: number): LengthFigure => {
    const rounded = Math.round(bound * 10 ** places) / 10 ** places;
    return {
      text: `${rounded} ${unit}`,
      value: rounded,
      unit,
      from: 'assumed',
      source: BAND_SOURCE,
    };
  };
  return { low: textOf(Math.max(value - aside, least)), high: textOf(value + aside) };
}
