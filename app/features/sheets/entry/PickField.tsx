import { View } from 'react-native';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { labelOf } from '@cardinex/words/sheets/fields';
import { Choice } from '../../../ui/Choice';
import { Body } from '../../../ui/Words';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { valueAt, type Path } from '@cardinex/core/sheet/draftPath';

interface Props {
  readonly path: Path;
  readonly among: Path;
  /** The field by which one is named, where it has no id of its own. */
  readonly by?: 'id' | 'part';
  /** Answers that stand in no list of the sheet. */
  readonly others?: readonly { readonly value: string; readonly label: string }[];
  /** The field must be given: with nothing to choose from yet, what to enter first is said. */
  readonly needed?: boolean;
}

/** One of the things another part of the sheet names: a group, a wheel, a line of the kit. */
export function PickField({ path, among, by = 'id', others = [], needed = false }: Props) {
  const { document } = useDraft();
  const { value, change, faults } = useDraftValue<string>(path);
  const list = valueAt(document, among);
  const named = (Array.isArray(list) ? list : []).flatMap((entry: unknown) => {
    const { [by]: value, name } = (entry ?? {}) as Readonly<Record<string, unknown>>;
    return typeof value === 'string'
      ? [{ value, label: typeof name === 'string' ? name : value }]
      : [];
  });
  const options = [
    ...new Map([...named, ...others].map((option) => [option.value, option])).values(),
  ];
  if (options.length === 0) return needed ? <Body>{w.enterFirst(labelOf(among))}</Body> : null;
  return (
    <View className="gap-1">
      <Choice
        label={labelOf(path)}
        value={value ?? null}
        options={options}
        onChange={(to) => change(to === value ? undefined : to)}
      />
      <Faults faults={faults} />
    </View>
  );
}
