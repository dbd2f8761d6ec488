import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { Drawing } from '@cardinex/drawings/shape';
import { cylinderLayoutDrawing } from '@cardinex/drawings/sheet/cylinderLayout';
import { sheetsWords } from '../sheets/screen';

/** Every bank from above, with the cylinders that were tapped. */
export function cylinderLayout(
  { layout }: Pick<EngineSheet, 'layout'>,
  marked: readonly number[] = [],
): Drawing {
  const text = layout.banks
    .map(({ name, cylinders }) => sheetsWords.bankLabel(name, cylinders.join(', ')))
    .join(' ');
  return cylinderLayoutDrawing({ layout, marked, description: sheetsWords.layoutLabel(text) });
}
