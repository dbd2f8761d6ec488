import type { EngineSheet } from '../engineSheet';
import { memoizeByObject } from '../memoize';
import { checkAssembly } from './assembly/checkAssembly';
import { checkBlock } from './block';
import { checkFastening } from './fastening';
import { checkFigures } from './figures';
import type { SheetFinding } from './finding';
import { checkCrank, checkIdentity } from './identity';
import { checkOverhead } from './overhead';
import { checkRenewed } from './renewed';
import { checkTiming } from './timing';
import { checkVariants } from './variants';

/**
 * Everything about a sheet that does not add up, in the order of the sheet: what a schema cannot
 * see, because it takes two places to tell. A sheet with a barring finding may be kept as a draft
 * and not published; the rest are worth a look.
 */
export const checkSheet = memoizeByObject((sheet: EngineSheet): readonly SheetFinding[] => [
  ...checkIdentity(sheet),
  ...checkCrank(sheet),
  ...checkBlock(sheet),
  ...checkFastening(sheet),
  ...checkOverhead(sheet),
  ...checkTiming(sheet),
  ...checkRenewed(sheet),
  ...checkAssembly(sheet),
  ...checkVariants(sheet),
  ...checkFigures(sheet),
]);
