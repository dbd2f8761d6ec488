import type { SchemaNode } from '@cardinex/contract/sheets/schemaNodes';
import type { LengthFigure } from '@cardinex/core/quantity/figure';
import type { Path } from '@cardinex/core/sheet/draftPath';
import { gapBand } from '@cardinex/core/sheet/gapBand';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { Button } from '../../../ui/Button';
import { useDraftValue } from './DraftContext';

/** Is this a gap: a figure that needs its least and most? */
export function isGapNode({ properties = {}, required = [] }: SchemaNode): boolean {
  return ['figure', 'low', 'high'].every((key) => key in properties && required.includes(key));
}

/** Least and most of a gap the book prints without them: ours, marked as assumed, in one tap. */
export function BandOffer({ path }: { path: Path }) {
  const { value, change } = useDraftValue<unknown>(path);
  const gap = (value ?? {}) as Readonly<
    Partial<Record<'figure' | 'low' | 'high', Partial<LengthFigure>>>
  >;
  const { value: printed, unit } = gap.figure ?? {};
  if (printed === undefined || !unit || (gap.low && gap.high)) return null;
  const { low, high } = gapBand({ value: printed, unit });
  return (
    <Button
      label={w.offerBand(low.text, high.text)}
      hint={w.offerBandHint}
      onPress={() => change({ ...gap, low: gap.low ?? low, high: gap.high ?? high })}
    />
  );
}
