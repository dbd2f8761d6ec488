import { useState } from 'react';
import { View } from 'react-native';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { fieldLabel } from '@cardinex/words/sheets/fields';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { InnerField } from './InnerField';
import type { FieldProps } from './fieldProps';
import type { SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

/** One figure, a range, or not printed. */
export function PrintedField({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const { value, change, faults } = useDraftValue<Readonly<Record<string, unknown>>>(path);
  const figure = node.anyOf?.find((branch) => branch.properties?.figure)?.properties?.figure ?? {};
  const kind = value && 'missing' in value ? 'missing' : value && 'low' in value ? 'range' : 'one';
  const [chosen, setChosen] = useState<'one' | 'range' | 'missing' | null>(null);
  const shown = chosen ?? kind;
  return (
    <View className="gap-2">
      <Choice
        label={label}
        value={shown}
        options={[
          { value: 'one', label: w.oneFigure },
          { value: 'range', label: w.range },
          { value: 'missing', label: w.notPrinted },
        ]}
        onChange={(to) => {
          setChosen(to);
          if (to !== kind) change(undefined);
        }}
      />
      {shown === 'one' ? (
        <InnerField node={figure} path={[...path, 'figure']} label={label} />
      ) : null}
      {shown === 'range' ? (
        <View className="gap-2">
          <InnerField node={figure} path={[...path, 'low']} label={fieldLabel('low')} />
          <InnerField node={figure} path={[...path, 'high']} label={fieldLabel('high')} />
        </View>
      ) : null}
      {shown === 'missing' ? (
        <Field
          label={w.missingHint}
          value={typeof value?.missing === 'string' ? value.missing : ''}
          onChangeText={(text) => change(text === '' ? undefined : { missing: text })}
        />
      ) : null}
      <Faults faults={faults} />
    </View>
  );
}
