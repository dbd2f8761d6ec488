import { demoSheets } from '@cardinex/demo/sheets/all';
import type { Drawing } from '../../shape';
import { cylinderLayoutDrawing } from '../../sheet/cylinderLayout';

export function sheetSamples(): readonly Drawing[] {
  return demoSheets.map(({ name, layout }) =>
    cylinderLayoutDrawing({ layout, marked: [1, 3], description: name }),
  );
}
