import { View } from 'react-native';
import { orderPropose } from '@cardinex/core/tightening/orderPropose';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { fieldLabel } from '@cardinex/words/sheets/fields';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Body } from '../../../ui/Words';
import { HeadMap } from '../../tighten/HeadMap';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { drawable } from './draftSet';
import { valueAt, type Path } from '@cardinex/core/sheet/draftPath';

interface Props {
  readonly path: Path;
  readonly kind: 'order' | 'leaveOut' | 'farSide';
}

const TAP = { order: w.tapOrder, leaveOut: w.tapLeaveOut, farSide: w.tapFarSide } as const;

/** A stage's order, tapped on the map, proposed, taken from the stage before, or typed as printed numbers. */
export function OrderTaps({ path, kind }: Props) {
  const { document } = useDraft();
  const { value, change, faults } = useDraftValue<readonly string[]>(path);
  const set = drawable(valueAt(document, path.slice(0, 2)));
  const order = Array.isArray(value) ? value.map(String) : [];
  if (!set) return null;
  const save = (ids: readonly string[]): void => change(ids.length === 0 ? undefined : ids);
  const before = stageBefore(document, path);
  const numberOf = (id: string): string => set.fasteners.find((f) => f.id === id)?.number ?? id;
  const left = set.fasteners.map((f) => f.id).filter((id) => !order.includes(id));
  const inOrder = kind === 'order';
  return (
    <View className="gap-2">
      <Body>{TAP[kind]}</Body>
      <HeadMap
        set={set}
        bolts={order.map((id) => ({ id, status: 'done' as const }))}
        currentId={null}
        nextId={null}
        label={w.order(order.map(numberOf).join(', '))}
        onPress={(id) => {
          if (!order.includes(id)) save([...order, id]);
          else if (!inOrder) save(order.filter((item) => item !== id));
        }}
      />
      <Field
        label={fieldLabel(kind)}
        hint={w.numbersHint}
        value={order.map(numberOf).join(' ')}
        onChangeText={(text) => {
          const numbers = text.split(/[\s,;]+/).filter(Boolean);
          save(numbers.map((n) => set.fasteners.find((f) => f.number === n)?.id ?? n));
        }}
      />
      <View className="flex-row flex-wrap gap-3">
        <Button
          label={w.undoTap}
          onPress={() => save(order.slice(0, -1))}
          className="min-w-[45%] flex-1"
        />
        <Button label={w.clearTaps} onPress={() => save([])} className="min-w-[45%] flex-1" />
        {inOrder ? (
          <>
            <Button
              label={w.outwards}
              hint={w.outwardsHint}
              onPress={() => save(orderPropose({ fasteners: set.fasteners, pattern: 'spiral' }))}
              className="min-w-[45%] flex-1"
            />
            {before ? (
              <>
                <Button
                  label={w.asBefore}
                  onPress={() => save(before)}
                  className="min-w-[45%] flex-1"
                />
                <Button
                  label={w.backwards}
                  onPress={() => save([...before].reverse())}
                  className="min-w-[45%] flex-1"
                />
              </>
            ) : null}
            {order.length > 0 && left.length > 0 ? (
              <Button
                label={w.allLeft}
                hint={left.map(numberOf).join(', ')}
                onPress={() => save([...order, ...left])}
                className="min-w-[45%] flex-1"
              />
            ) : null}
          </>
        ) : null}
      </View>
      <Faults faults={faults} />
    </View>
  );
}

/** A cycle as far as it has been entered. */
interface BegunCycle {
  readonly stages?: readonly ({ readonly order?: readonly string[] } | undefined)[];
}

/** The order of the last stage before this one that has one. */
function stageBefore(document: unknown, path: Path): readonly string[] | null {
  const cycles = valueAt(document, path.slice(0, 4)) as
    readonly (BegunCycle | undefined)[] | undefined;
  const [cycleAt, stageAt] = [Number(path[4]), Number(path[6])];
  const earlier = (cycles ?? [])
    .slice(0, cycleAt + 1)
    .flatMap((cycle, c) => (cycle?.stages ?? []).slice(0, c === cycleAt ? stageAt : undefined));
  return earlier.findLast((stage) => Array.isArray(stage?.order))?.order ?? null;
}
