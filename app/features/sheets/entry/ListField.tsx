import { View } from 'react-native';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { oneName, oneOfList } from '@cardinex/words/sheets/fields';
import { Button } from '../../../ui/Button';
import { Heading } from '../../../ui/Words';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { InnerField } from './InnerField';
import { TextListField } from './TextListField';
import { begunWith } from './begun';
import type { FieldProps } from './fieldProps';
import { branchesOf, resolved, type SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

/** A list: words or numbers in one box, anything larger one under the other. */
export function ListField({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const draft = useDraft();
  const { value, change, faults } = useDraftValue<readonly unknown[]>(path);
  const item = resolved(node.items ?? {});
  if (item.type === 'string' || item.type === 'number' || item.type === 'integer') {
    return <TextListField path={path} label={label} numbers={item.type !== 'string'} />;
  }
  if (item.type === 'array') return <TextListField path={path} label={label} numbers nested />;
  const list = Array.isArray(value) ? (value as readonly unknown[]) : [];
  const key = String(path.at(-1));
  const add = (): void => {
    const place = [...path, list.length];
    const named = [item, ...branchesOf(item)].some((shape) => shape.properties?.id);
    const id = named ? { id: freeId(list) } : {};
    change([...list, { ...id, ...begunWith(place, item, draft) }]);
  };
  return (
    <View className="gap-3">
      <Heading level={path.length > 1 ? 3 : 2}>{label}</Heading>
      <Faults faults={faults} />
      {list.map((entry, place) => (
        <View key={place} className="gap-3 rounded-lg border border-rule p-2.5">
          <InnerField
            node={node.items ?? {}}
            path={[...path, place]}
            label={entryName(entry) ?? `${oneName(key)} ${place + 1}`}
          />
          <Button
            label={w.remove}
            hint={entryName(entry) ?? `${oneName(key)} ${place + 1}`}
            onPress={() => {
              const left = list.filter((_, other) => other !== place);
              change(left.length === 0 ? undefined : left);
            }}
          />
        </View>
      ))}
      <Button label={w.add(oneOfList(key))} onPress={add} />
    </View>
  );
}

/** What an entry of a list calls itself. */
function entryName(entry: unknown): string | undefined {
  const name = (entry as { name?: unknown } | null)?.name;
  return typeof name === 'string' && name !== '' ? name : undefined;
}

/** A short name no other entry of the list has. */
export function freeId(list: readonly unknown[]): string {
  const taken = new Set(list.map((entry) => (entry as { id?: unknown } | null)?.id));
  for (let count = list.length + 1; ; count += 1) {
    if (!taken.has(String(count))) return String(count);
  }
}
