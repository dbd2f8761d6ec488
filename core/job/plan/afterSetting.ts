import { headOf } from '../../sheet/assembly/references';
import { memoizeByObject } from '../../sheet/memoize';
import { SETTING_ACTS } from '../../sheet/spec/assembly';
import type { JobSheet } from '../scope';

/** Does a piece go on only once everything is set: by itself, or because of what goes on before it? */
export function goesOnAfterSetting(sheet: JobSheet, instance: string): boolean {
  return afterSetting(sheet).has(instance);
}

const afterSetting = memoizeByObject(({ comesOff }: JobSheet): ReadonlySet<string> => {
  const late = new Set<string>();
  // Whatever goes on before a piece stands before it in the list.
  for (const id of comesOff.back) {
    const shutsSetting = (comesOff.shutsActs.get(id) ?? []).some((act) =>
      (SETTING_ACTS as readonly string[]).includes(headOf(act)),
    );
    const before = comesOff.backAfter.get(id) ?? [];
    if (shutsSetting || before.some((other) => late.has(other))) late.add(id);
  }
  return late;
});
