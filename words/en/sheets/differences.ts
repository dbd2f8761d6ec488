import { pointerSteps } from '@cardinex/core/sheet/pointer';
import type { VariantDifference } from '@cardinex/core/sheet/variants';

/** Where two sheets differ, as one line: "overhead, clearances, exhaust: 0.60 mm, now 0.70 mm". */
export function differenceText({ at, sheet, variant }: VariantDifference): string {
  const place = pointerSteps(at).join(', ');
  return `${place}: ${shortText(sheet)}, here ${shortText(variant)}`;
}

/** A figure by its text, anything else as briefly as it can be said. */
function shortText(value: unknown): string {
  if (typeof value !== 'object' || value === null) return String(value);
  if ('text' in value) return String(value.text);
  if ('figure' in value) return shortText(value.figure);
  if ('says' in value) return String(value.says);
  if (Array.isArray(value)) return value.map(shortText).join(', ');
  return Object.values(value).map(shortText).join(', ').slice(0, 80);
}
