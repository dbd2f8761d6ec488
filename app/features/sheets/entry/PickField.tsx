import { View } from 'react-native';
import { fieldLabel } from '@cardinex/words/en/sheets/entry';
import { Choice } from '../../../ui/Choice';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { valueAt, type Path } from '@cardinex/core/sheet/draftPath';

/** One of the things another part of the sheet names: a cover, a group. */
export function PickField({ path, among }: { path: Path; among: Path }) {
  const { document } = useDraft();
  const { value, change, faults } = useDraftValue<string>(path);
  const list = valueAt(document, among);
  const options = (Array.isArray(list) ? list : []).flatMap((one: unknown) => {
    const { id, name } = (one ?? {}) as { id?: unknown; name?: unknown };
    return typeof id === 'string'
      ? [{ value: id, label: typeof name === 'string' ? name : id }]
      : [];
  });
  if (options.length === 0) return null;
  return (
    <View className="gap-1">
      <Choice
        label={fieldLabel(String(path.at(-1)))}
        value={value ?? null}
        options={options}
        onChange={(to) => change(to === value ? undefined : to)}
      />
      <Faults faults={faults} />
    </View>
  );
}
