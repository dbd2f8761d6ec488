import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import { valueAt, withValue, type Path } from '@cardinex/core/sheet/draftPath';
import { soundPart } from '@cardinex/contract/sheets/soundPart';
import { resolved, type SchemaNode } from '@cardinex/contract/sheets/schemaNodes';
import { stack } from '@cardinex/words/drawn/stack';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { labelOf, oneOfList } from '@cardinex/words/sheets/fields';
import { usualAssembly, usualClampsOf } from '@cardinex/words/usualAssembly';
import { Button } from '../../../ui/Button';
import { DrawingView } from '../../../ui/drawing/DrawingView';
import { Heading, Small } from '../../../ui/Words';
import { begunWith } from './begun';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { InnerField } from './InnerField';
import { freeId } from './ListField';

interface Entered {
  readonly id?: string;
  readonly name?: string;
}

/**
 * The pieces of the engine, entered on their picture: begun with what is usual for its kind, each opened by
 * a touch, moved, added after another or taken out. What is wrong with a piece is told beside it.
 */
export function PiecesField({ node, path }: { readonly node: SchemaNode; readonly path: Path }) {
  const draft = useDraft();
  const { value, change, faults } = useDraftValue<readonly Entered[]>(path);
  const [open, setOpen] = useState<number | null>(null);
  const pieces = Array.isArray(value) ? (value as readonly Entered[]) : [];
  const document = useDeferredValue(draft.document);
  const sheet = useMemo(() => soundPart(drawable(document))?.sheet ?? null, [document]);
  const item = node.items ?? {};
  const chosen = open === null ? undefined : pieces[open];
  const target = chosen?.id;
  const picture = useMemo(
    () => (sheet?.assembly ? stack(sheet, target === undefined ? [] : [target], false) : null),
    [sheet, target],
  );

  const takeUsual = (): void => {
    if (!sheet) return;
    draft.set(['assembly'], usualAssembly(sheet));
    const sets = valueAt(draft.document, ['fastenedSets']);
    for (const set of sheet.fastenedSets ?? []) {
      const clamps = usualClampsOf(sheet, set);
      const at = Array.isArray(sets) ? sets.findIndex(({ id }: Entered) => id === set.id) : -1;
      if (at >= 0 && set.clamps === undefined && clamps.length > 0)
        draft.set(['fastenedSets', at, 'clamps'], clamps);
    }
  };
  const add = (): void => {
    const at = open === null ? pieces.length : open + 1;
    const begun = { id: freeId(pieces), ...begunWith([...path, at], resolved(item), draft) };
    change([...pieces.slice(0, at), begun, ...pieces.slice(at)]);
    setOpen(at);
  };
  const move = (by: 1 | -1): void => {
    if (open === null) return;
    const to = open + by;
    const [moved, other] = [pieces[open], pieces[to]];
    if (!moved || !other) return;
    change(pieces.map((piece, at) => (at === to ? moved : at === open ? other : piece)));
    setOpen(to);
  };
  const takeOut = (): void => {
    const left = pieces.filter((_, at) => at !== open);
    change(left.length === 0 ? undefined : left);
    setOpen(null);
  };

  return (
    <View className="gap-3">
      <Heading level={3}>{labelOf(path)}</Heading>
      <Faults faults={faults} />
      {pieces.length === 0 ? (
        <Button
          label={w.takeUsual}
          hint={w.takeUsualHint}
          kind="expected"
          disabled={!sheet}
          onPress={takeUsual}
        />
      ) : null}
      {picture ? (
        <>
          <Small>{w.pieceHint}</Small>
          <DrawingView
            drawing={picture}
            onPress={(target) => {
              const at = pieces.findIndex(({ id }) => id === headOf(target));
              setOpen(at < 0 || at === open ? null : at);
            }}
          />
        </>
      ) : null}
      {open !== null && chosen ? (
        <View key={chosen.id} className="gap-3 rounded-lg border border-rule p-2.5">
          <InnerField node={item} path={[...path, open]} label={chosen.name ?? ''} />
          <View className="flex-row gap-3">
            <Button
              label={w.pieceUp}
              disabled={open === 0}
              onPress={() => move(-1)}
              className="flex-1"
            />
            <Button
              label={w.pieceDown}
              disabled={open === pieces.length - 1}
              onPress={() => move(1)}
              className="flex-1"
            />
          </View>
          <Button label={w.remove} hint={chosen.name} onPress={takeOut} />
        </View>
      ) : null}
      <Button
        label={w.add(oneOfList('pieces'))}
        hint={chosen?.name === undefined ? undefined : w.addPieceAfter(chosen.name)}
        onPress={add}
      />
    </View>
  );
}

/** What a piece is drawn with while it is being entered: it stands in the picture from the first. */
const UNTIL_ENTERED = { name: '?', kind: 'accessory', from: 'assumed', source: '?' } as const;

/** The draft with every piece far enough entered to be drawn. */
function drawable(document: unknown): unknown {
  const pieces = valueAt(document, ['assembly', 'pieces']);
  if (!Array.isArray(pieces)) return document;
  const drawn = pieces.map((piece: unknown) => ({ ...UNTIL_ENTERED, ...(piece as object) }));
  return withValue(document, ['assembly', 'pieces'], drawn);
}
