import { mainJournal } from '../../../sheet/mainJournal';
import type { JobSheet } from '../../scope';
import type { ShellHalf } from './checks';

/**
 * The half of a bearing that carries the load: of a main the one in its cap, which the crank is pressed into; of a rod
 * the one in the rod, which presses on the crank.
 */
export function loadedHalf(sheet: JobSheet, journal: string | undefined): ShellHalf {
  return journal === mainJournal(sheet)?.id ? 'lower' : 'upper';
}
