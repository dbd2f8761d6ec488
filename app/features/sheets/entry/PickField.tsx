import { View } from 'react-native';
import { entryWords as w, labelOf } from '@cardinex/words/sheets/entry';
import { Choice } from '../../../ui/Choice';
import { Body } from '../../../ui/Words';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { valueAt, type Path } from '@cardinex/core/sheet/draftPath';

interface Props {
  readonly path: Path;
  readonly among: Path;
  /** Answers that stand in no list of the sheet. */
  readonly others?: readonly { readonly value: string; readonly label: string }[];
  /** The field must be given: with nothing to choose from yet, what to enter first is said. */
  readonly needed?: boolean;
}

/** One of the things another part of the sheet names: a cover, a group, a wheel. */
export function PickField({ path, among, others = [], needed = false }: Props) {
  const { document } = useDraft();
  const { value, change, faults } = useDraftValue<string>(path);
  const list = valueAt(document, among);
  const named = (Array.isArray(list) ? list : []).flatMap((entry: unknown) => {
    const { id, name } = (entry ?? {}) as { id?: unknown; name?: unknown };
    return typeof id === 'string'
      ? [{ value: id, label: typeof name === 'string' ? name : id }]
      : [];
  });
  const options = [...named, ...others];
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
