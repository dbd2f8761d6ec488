import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { VariantDifference } from '@cardinex/core/sheet/variants';
import { placeLabel, saidShort } from './places';

/** Where two sheets differ, as one line: "Gaps, Exhaust, Hot: 0.60 mm, here 0.70 mm". */
export function differenceText(
  subject: EngineSheet,
  { at, sheet, variant }: VariantDifference,
): string {
  return `${placeLabel(subject, at)}: ${saidShort(sheet)}, here ${saidShort(variant)}`;
}
