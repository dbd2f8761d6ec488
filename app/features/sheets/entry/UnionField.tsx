import { useState } from 'react';
import { View } from 'react-native';
import { choiceLabel, fieldLabel } from '@cardinex/words/sheets/fields';
import { Choice } from '../../../ui/Choice';
import { useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { ObjectFields } from './ObjectFields';
import type { FieldProps } from './fieldProps';
import { branchFor, discriminatorOf, type SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

/** One of several shapes: which one first, then its fields. */
export function UnionField({
  branches,
  path,
  label,
}: FieldProps & { branches: readonly SchemaNode[] }) {
  const { value, change, faults } = useDraftValue<unknown>(path);
  const by = discriminatorOf(branches);
  const [picked, setPicked] = useState<number | null>(null);
  const branch = branchFor(branches, value) ?? (picked === null ? undefined : branches[picked]);
  const object = (typeof value === 'object' && value !== null ? value : {}) as Readonly<
    Record<string, unknown>
  >;
  return (
    <View className="gap-2">
      {by ? (
        <Choice
          label={fieldLabel(by.key)}
          value={object[by.key] === undefined ? null : String(object[by.key])}
          options={by.values.map((item) => ({ value: item, label: choiceLabel(item) }))}
          onChange={(chosen) => {
            const to = branches.find((schema) => branchFor([schema], { [by.key]: chosen }));
            const stored = Object.entries(object).filter(([key]) => key in (to?.properties ?? {}));
            const lists = to?.required?.includes('values') ? { values: [] } : {};
            change({ ...lists, ...Object.fromEntries(stored), [by.key]: chosen });
          }}
        />
      ) : (
        <Choice
          label={label}
          value={branch ? String(branches.indexOf(branch)) : null}
          options={branches.map((entry, place) => ({
            value: String(place),
            label: entry.properties
              ? Object.keys(entry.properties)
                  .filter((key) => key !== 'from' && key !== 'source')
                  .map((key) => fieldLabel(key))
                  .join(', ')
              : (entry.enum ?? []).map(choiceLabel).join(', '),
          }))}
          onChange={(chosen) => {
            setPicked(Number(chosen));
            change(undefined);
          }}
        />
      )}
      <Faults faults={faults} />
      {branch?.properties ? (
        <ObjectFields
          node={branch}
          path={path}
          label={label}
          bare
          {...(by && { except: by.key })}
        />
      ) : null}
    </View>
  );
}
