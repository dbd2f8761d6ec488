import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { headOf } from '../../../sheet/assembly/references';
import { settingOrder } from '../../../sheet/assembly/settingOrder';
import type { AssemblyAct } from '../../../sheet/spec/assembly';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { Wait } from '../../trayReason';
import { comingBack } from './isOn';
import { waitsForFit } from './standing';

/**
 * The first piece that these acts need and that is not on. What goes on between one setting and another is no
 * reason to wait with all of them.
 */
export function neededOn(
  sheet: JobSheet,
  state: JobState,
  acts: readonly AssemblyAct[],
): readonly Wait[] {
  const { assembly } = assemblyGraph(sheet.whole);
  if (assembly.assumed) return [];
  const between = new Set(Object.values(settingOrder(sheet)).map(({ after }) => after));
  const needs = assembly.acts
    .filter(({ act }) => acts.includes(act))
    .flatMap((spec) => spec.needs ?? [])
    .filter((reference) => !between.has(headOf(reference)));
  return waitsForFit(sheet, state, comingBack(sheet, needs));
}
