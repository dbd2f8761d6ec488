import { useState } from 'react';
import { View } from 'react-native';
import { numberedByTaps, withAnother } from '@cardinex/core/sheet/makeMap';
import type { SheetFastener } from '@cardinex/core/sheet/spec/fastening';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Body } from '../../../ui/Words';
import { HeadMap } from '../../tighten/HeadMap';
import { Field } from '../../../ui/Field';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { NumberField } from './NumberField';
import type { DrawableSet } from './draftSet';
import { valueAt, type Path } from '@cardinex/core/sheet/draftPath';

/** How far one press moves a fastener. */
const NUDGE_MM = 5;

type TapsFor = 'number' | 'nudge' | 'group';

/** The map in hand: taps number the fasteners, pick one to move, or put them in a group. */
export function MapEdit({ path, drawn }: { path: Path; drawn: DrawableSet }) {
  const { document, set } = useDraft();
  const [taps, setTaps] = useState<TapsFor>('number');
  const [tapped, setTapped] = useState<readonly string[]>([]);
  const [chosen, setChosen] = useState<string | null>(null);
  const groups = groupsOf(valueAt(document, [...path, 'groups']));
  const [group, setGroup] = useState<string | null>(null);
  const save = (fasteners: readonly SheetFastener[]): void =>
    set([...path, 'fasteners'], fasteners);
  const number = (ids: readonly string[]): void => {
    setTapped(ids);
    save(numberedByTaps(drawn.fasteners, ids));
  };
  const move = (x: number, y: number): void =>
    save(
      drawn.fasteners.map((f) =>
        f.id === chosen
          ? { ...f, xMm: Math.max(0, f.xMm + x * NUDGE_MM), yMm: Math.max(0, f.yMm + y * NUDGE_MM) }
          : f,
      ),
    );
  const onPress = (id: string): void => {
    if (taps === 'number' && !tapped.includes(id)) number([...tapped, id]);
    if (taps === 'nudge') setChosen(id);
    if (taps === 'group' && group !== null) {
      save(drawn.fasteners.map((f) => (f.id === id ? { ...f, group } : f)));
    }
  };
  const marked =
    taps === 'number'
      ? tapped
      : taps === 'group'
        ? drawn.fasteners.filter((f) => f.group === group).map((f) => f.id)
        : [];
  const picked = drawn.fasteners.find((f) => f.id === chosen);
  const add = (): void => {
    const { fasteners, added } = withAnother(drawn.fasteners, chosen);
    save(fasteners);
    setChosen(added);
  };
  return (
    <View className="gap-3">
      <HeadMap
        set={drawn}
        bolts={marked.map((id) => ({ id, status: 'done' as const }))}
        currentId={taps === 'nudge' ? chosen : null}
        nextId={null}
        label={w.map}
        onPress={onPress}
      />
      <Choice
        label={w.tapsMean}
        value={taps}
        options={(groups.length > 1
          ? (['number', 'nudge', 'group'] as const)
          : (['number', 'nudge'] as const)
        ).map((value) => ({ value, label: w.tapsFor[value] }))}
        onChange={setTaps}
      />
      {taps === 'number' ? (
        <>
          <Body>{w.tapNumbers}</Body>
          <View className="flex-row gap-3">
            <Button
              label={w.undoTap}
              onPress={() => number(tapped.slice(0, -1))}
              className="flex-1"
            />
            <Button label={w.clearTaps} onPress={() => number([])} className="flex-1" />
          </View>
        </>
      ) : null}
      {taps === 'group' ? (
        <Choice
          label={w.regroup}
          value={group}
          options={groups.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={setGroup}
        />
      ) : null}
      {taps === 'nudge' && picked ? (
        <View className="gap-2">
          <Body>{w.nudge(picked.number)}</Body>
          <View className="flex-row flex-wrap gap-2">
            <Button label={w.left} onPress={() => move(-1, 0)} className="min-w-[22%] flex-1" />
            <Button label={w.right} onPress={() => move(1, 0)} className="min-w-[22%] flex-1" />
            <Button label={w.up} onPress={() => move(0, -1)} className="min-w-[22%] flex-1" />
            <Button label={w.down} onPress={() => move(0, 1)} className="min-w-[22%] flex-1" />
            <Button
              label={w.takeOut}
              onPress={() => {
                save(drawn.fasteners.filter((f) => f.id !== chosen));
                setChosen(null);
              }}
              className="min-w-[45%] flex-1"
            />
          </View>
        </View>
      ) : taps === 'nudge' ? (
        <Body>{w.nudgeHint}</Body>
      ) : null}
      {taps === 'nudge' && picked ? (
        <Exactly path={[...path, 'fasteners', drawn.fasteners.indexOf(picked)]} key={picked.id} />
      ) : null}
      {taps === 'nudge' ? (
        <Button
          label={w.addOne}
          {...(picked && { hint: w.addBeside(picked.number) })}
          onPress={add}
        />
      ) : null}
    </View>
  );
}

/** Where a fastener stands to the millimetre, and the number printed beside it. */
function Exactly({ path }: { path: Path }) {
  const { set } = useDraft();
  const printed = useDraftValue<string>([...path, 'number']);
  // While it is being typed anew it stands where it stood: it would vanish from under the hand.
  const enter = (key: 'xMm' | 'yMm') => (to: unknown) => {
    if (typeof to === 'number') set([...path, key], to);
  };
  return (
    <View className="flex-row flex-wrap gap-2">
      <View className="min-w-[28%] flex-1">
        <Field
          label={w.printedNumber}
          value={printed.value ?? ''}
          onChangeText={(text) => printed.change(text === '' ? undefined : text)}
        />
        <Faults faults={printed.faults} />
      </View>
      <View className="min-w-[28%] flex-1">
        <NumberField path={[...path, 'xMm']} label={w.fromLeft} onEntered={enter('xMm')} />
      </View>
      <View className="min-w-[28%] flex-1">
        <NumberField path={[...path, 'yMm']} label={w.fromTop} onEntered={enter('yMm')} />
      </View>
    </View>
  );
}

function groupsOf(value: unknown): readonly { readonly id: string; readonly name: string }[] {
  if (!Array.isArray(value)) return [];
  return value.flatMap((entry: unknown) => {
    const { id, name } = (entry ?? {}) as { id?: unknown; name?: unknown };
    return typeof id === 'string' ? [{ id, name: typeof name === 'string' ? name : id }] : [];
  });
}
