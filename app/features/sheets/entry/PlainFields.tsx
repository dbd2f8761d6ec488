import { View } from 'react-native';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { choiceLabel } from '@cardinex/words/sheets/fields';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Small } from '../../../ui/Words';
import { useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import type { FieldProps } from './fieldProps';
import type { SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

export function PlainText({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const { value, change, faults } = useDraftValue<string>(path);
  // A sentence of a manual does not fit on one line of a phone.
  const long = (node.maxLength ?? 0) >= 160;
  return (
    <View className="gap-1">
      <Field
        label={label}
        {...(node.description !== undefined && { hint: node.description })}
        value={typeof value === 'string' ? value : ''}
        onChangeText={(text) => change(text === '' ? undefined : text)}
        multiline={long}
        {...(long && { numberOfLines: 1 })}
      />
      <Faults faults={faults} />
    </View>
  );
}

export function YesNo({ path, label }: FieldProps) {
  const { value, change, faults } = useDraftValue<boolean>(path);
  return (
    <View className="gap-1">
      <Choice
        label={label}
        value={value === undefined ? null : value ? 'yes' : 'no'}
        options={[
          { value: 'yes', label: w.yes },
          { value: 'no', label: w.no },
        ]}
        onChange={(chosen) => change(chosen === 'yes')}
      />
      <Faults faults={faults} />
    </View>
  );
}

/** One of a few; tapping the chosen one again lets go of it. */
export function OneOfValues({ values, path, label }: FieldProps & { values: readonly unknown[] }) {
  const { value, change, faults } = useDraftValue<unknown>(path);
  return (
    <View className="gap-1">
      <Choice
        label={label}
        value={value === undefined ? null : String(value)}
        options={values.map((entry) => ({ value: String(entry), label: choiceLabel(entry) }))}
        onChange={(chosen) => {
          const picked = values.find((item) => String(item) === chosen);
          change(picked === value ? undefined : picked);
        }}
      />
      <Faults faults={faults} />
    </View>
  );
}

/** Text, or nothing on purpose. */
export function MaybeNothing({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const { value, change } = useDraftValue<string | null>(path);
  return (
    <View className="gap-2">
      {value === null ? (
        <Small>
          {label}: {w.none}
        </Small>
      ) : (
        <PlainText node={node} path={path} label={label} />
      )}
      <Button
        label={w.none}
        selected={value === null}
        onPress={() => change(value === null ? undefined : null)}
      />
    </View>
  );
}
