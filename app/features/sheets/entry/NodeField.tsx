import { useEffect, useState } from 'react';
import { View } from 'react-native';
import {
  entryWords as w,
  fieldLabel,
  labelOf,
  oneName,
  oneOfList,
} from '@cardinex/words/en/sheets/entry';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Heading, Small } from '../../../ui/Words';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { FigureField } from './FigureField';
import { NumberField } from './NumberField';
import { Origin } from './Origin';
import { TextListField } from './TextListField';
import { begunWith } from './begun';
import type { Path } from './paths';
import {
  branchFor,
  branchesOf,
  discriminatorOf,
  nameOf,
  resolved,
  type SchemaNode,
} from './schemaNodes';
import { specialField } from './specialField';

interface Props {
  readonly node: SchemaNode;
  readonly path: Path;
  readonly label?: string;
  /** May be left out: a larger part is then only opened when it is wanted. */
  readonly optional?: boolean;
}

/**
 * One field of a sheet, drawn from its published schema, so that whatever a sheet can hold can be
 * entered. What deserves better than a field (a map, an order) has one of its own.
 */
export function NodeField({ node, path, label = labelOf(path), optional = false }: Props) {
  const special = specialField(path, node);
  if (special) return special;
  const shape = resolved(node);
  const name = nameOf(node);
  if (name?.endsWith('Figure')) {
    return <FigureField path={path} label={label} units={shape.properties?.unit?.enum ?? []} />;
  }
  if (name?.startsWith('Printed')) return <PrintedField node={shape} path={path} label={label} />;
  const branches = branchesOf(node);
  if (branches.some((branch) => branch.type === 'null')) {
    return <MaybeNothing node={branches[0] ?? {}} path={path} label={label} />;
  }
  if (branches.length > 0 && branches.every((branch) => branch.const !== undefined)) {
    return <OneOfValues values={branches.map((b) => b.const)} path={path} label={label} />;
  }
  if (branches.length > 0) return <UnionField branches={branches} path={path} label={label} />;
  if (shape.enum) return <OneOfValues values={shape.enum} path={path} label={label} />;
  switch (shape.type) {
    case 'object':
      return optional ? (
        <OptionalObject node={shape} path={path} label={label} />
      ) : (
        <ObjectFields node={shape} path={path} label={label} />
      );
    case 'array':
      return <ListField node={shape} path={path} label={label} />;
    case 'boolean':
      return <YesNo path={path} label={label} />;
    case 'number':
    case 'integer':
      return <NumberField path={path} label={label} />;
    default:
      return <TextField node={shape} path={path} label={label} />;
  }
}

interface FieldProps {
  readonly path: Path;
  readonly label: string;
}

function TextField({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const { value, change, faults } = useDraftValue<string>(path);
  const long = (node.maxLength ?? 0) >= 400;
  return (
    <View className="gap-1">
      <Field
        label={label}
        {...(node.description !== undefined && { hint: node.description })}
        value={typeof value === 'string' ? value : ''}
        onChangeText={(text) => change(text === '' ? undefined : text)}
        multiline={long}
        {...(long && { numberOfLines: 2 })}
      />
      <Faults faults={faults} />
    </View>
  );
}

function YesNo({ path, label }: FieldProps) {
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
function OneOfValues({ values, path, label }: FieldProps & { values: readonly unknown[] }) {
  const { value, change, faults } = useDraftValue<unknown>(path);
  return (
    <View className="gap-1">
      <Choice
        label={label}
        value={value === undefined ? null : String(value)}
        options={values.map((one) => ({ value: String(one), label: choiceLabel(one) }))}
        onChange={(chosen) => {
          const picked = values.find((one) => String(one) === chosen);
          change(picked === value ? undefined : picked);
        }}
      />
      <Faults faults={faults} />
    </View>
  );
}

function choiceLabel(value: unknown): string {
  return String(value).replaceAll('-', ' ');
}

/** Text, or nothing on purpose. */
function MaybeNothing({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const { value, change } = useDraftValue<string | null>(path);
  return (
    <View className="gap-2">
      {value === null ? (
        <Small>
          {label}: {w.none}
        </Small>
      ) : (
        <TextField node={node} path={path} label={label} />
      )}
      <Button
        label={w.none}
        selected={value === null}
        onPress={() => change(value === null ? undefined : null)}
      />
    </View>
  );
}

/** One figure, a range, or not printed. */
function PrintedField({ node, path, label }: FieldProps & { node: SchemaNode }) {
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
        <NodeField node={figure} path={[...path, 'figure']} label={label} />
      ) : null}
      {shown === 'range' ? (
        <View className="gap-2">
          <NodeField node={figure} path={[...path, 'low']} label={fieldLabel('low')} />
          <NodeField node={figure} path={[...path, 'high']} label={fieldLabel('high')} />
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

/** One of several shapes: which one first, then its fields. */
function UnionField({ branches, path, label }: FieldProps & { branches: readonly SchemaNode[] }) {
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
          options={by.values.map((one) => ({ value: one, label: choiceLabel(one) }))}
          onChange={(chosen) => {
            const to = branches.find((one) => branchFor([one], { [by.key]: chosen }));
            const kept = Object.entries(object).filter(([key]) => key in (to?.properties ?? {}));
            const lists = to?.required?.includes('values') ? { values: [] } : {};
            change({ ...lists, ...Object.fromEntries(kept), [by.key]: chosen });
          }}
        />
      ) : (
        <Choice
          label={label}
          value={branch ? String(branches.indexOf(branch)) : null}
          options={branches.map((one, place) => ({
            value: String(place),
            label: one.properties
              ? Object.keys(one.properties)
                  .filter((key) => key !== 'from' && key !== 'source')
                  .map((key) => fieldLabel(key))
                  .join(', ')
              : (one.enum ?? []).map(choiceLabel).join(', '),
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

/** An object that may be left out: a button until it is wanted, and a way to take it out again. */
function OptionalObject({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const { source } = useDraft();
  const { value, change } = useDraftValue<unknown>(path);
  const [open, setOpen] = useState(false);
  if (value === undefined && !open) {
    return (
      <Button
        label={w.addPart(label)}
        onPress={() => {
          setOpen(true);
          const begun = begunWith(path, node, source);
          if (Object.keys(begun).length > 0) change(begun);
        }}
      />
    );
  }
  return (
    <ObjectFields
      node={node}
      path={path}
      label={label}
      onTakeOut={() => {
        setOpen(false);
        change(undefined);
      }}
    />
  );
}

interface ObjectProps extends FieldProps {
  readonly node: SchemaNode;
  /** Without a heading of its own. */
  readonly bare?: boolean;
  readonly except?: string;
  readonly onTakeOut?: () => void;
}

/** The fields of an object under its name; who says so stands last. */
export function ObjectFields({ node, path, label, bare = false, except, onTakeOut }: ObjectProps) {
  const { faults, value } = useDraftValue<unknown>(path);
  const { source, set } = useDraft();
  const sourced = node.properties?.from !== undefined && node.properties.source !== undefined;
  // What is in a list is named by the app; what the sheet is called in files, by its author.
  const keys = Object.entries(node.properties ?? {}).filter(
    ([key]) => key !== except && key !== 'id' && !(sourced && (key === 'from' || key === 'source')),
  );
  const begun = typeof value === 'object' && value !== null;
  // Whoever enters a figure here reads it where the figures before it stood, until they say otherwise.
  const unsourced = sourced && begun && !('from' in value);
  useEffect(() => {
    if (!unsourced) return;
    set([...path, 'from'], 'manual');
    if (source !== '') set([...path, 'source'], source);
  }, [unsourced, path, source, set]);
  return (
    <View className={bare ? 'gap-3' : 'gap-3 border-l-2 border-rule pl-2.5'}>
      {bare ? null : (
        <View className="flex-row items-center justify-between gap-2">
          <Heading level={path.length > 1 ? 3 : 2} className="shrink">
            {label}
          </Heading>
          {onTakeOut ? (
            <Button label={w.remove} name={w.takeOutPart(label)} onPress={onTakeOut} />
          ) : null}
        </View>
      )}
      {bare ? null : <Faults faults={faults} />}
      {keys.map(([key, inner]) => (
        <NodeField
          key={key}
          node={inner}
          path={[...path, key]}
          optional={!node.required?.includes(key)}
        />
      ))}
      {sourced && begun ? <Origin path={path} /> : null}
    </View>
  );
}

/** A list: words or numbers in one box, anything larger one under the other. */
function ListField({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const { source } = useDraft();
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
    change([...list, { ...id, ...begunWith(place, item, source) }]);
  };
  return (
    <View className="gap-3">
      <Heading level={path.length > 1 ? 3 : 2}>{label}</Heading>
      <Faults faults={faults} />
      {list.map((one, place) => (
        <View key={place} className="gap-3 rounded-lg border border-rule p-2.5">
          <NodeField
            node={node.items ?? {}}
            path={[...path, place]}
            label={entryName(one) ?? `${oneName(key)} ${place + 1}`}
          />
          <Button
            label={w.remove}
            hint={entryName(one) ?? `${oneName(key)} ${place + 1}`}
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
function freeId(list: readonly unknown[]): string {
  const taken = new Set(list.map((one) => (one as { id?: unknown } | null)?.id));
  for (let count = list.length + 1; ; count += 1) {
    if (!taken.has(String(count))) return String(count);
  }
}
