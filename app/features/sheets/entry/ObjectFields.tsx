import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { Button } from '../../../ui/Button';
import { Heading } from '../../../ui/Words';
import { BandOffer, isGapNode } from './BandOffer';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { InnerField } from './InnerField';
import { Origin } from './Origin';
import { begunWith, isSourced } from './begun';
import type { FieldProps } from './fieldProps';
import type { SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

/** An object that may be left out: a button until it is wanted, and a way to take it out again. */
export function OptionalObject({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const draft = useDraft();
  const { value, change } = useDraftValue<unknown>(path);
  const [open, setOpen] = useState(false);
  if (value === undefined && !open) {
    return (
      <Button
        label={w.addPart(label)}
        onPress={() => {
          setOpen(true);
          const begun = begunWith(path, node, draft);
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
  const { source, origin, set } = useDraft();
  const sourced = isSourced(node);
  const canBeSourced = node.properties?.source !== undefined;
  // What is in a list is named by the app; what the sheet is called in files, by its author.
  const keys = Object.entries(node.properties ?? {}).filter(
    ([key]) =>
      key !== except && key !== 'id' && !(canBeSourced && (key === 'from' || key === 'source')),
  );
  const begun = typeof value === 'object' && value !== null;
  // Whoever enters a figure here reads it where the figures before it stood, until they say otherwise.
  const unsourced = sourced && begun && !('from' in value);
  useEffect(() => {
    if (!unsourced) return;
    set(path, { ...(value as object), from: origin, ...(source !== '' && { source }) });
  }, [unsourced, value, path, source, origin, set]);
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
        <InnerField
          key={key}
          node={inner}
          path={[...path, key]}
          optional={!node.required?.includes(key)}
        />
      ))}
      {isGapNode(node) ? <BandOffer path={path} /> : null}
      {(sourced && begun) || (begun && 'from' in value) ? <Origin path={path} /> : null}
    </View>
  );
}
