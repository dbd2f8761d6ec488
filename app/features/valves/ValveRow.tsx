import { Pressable, Text, View } from 'react-native';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import type { ItemView } from '@cardinex/core/job/cards/valves/item';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { alongBank } from '@cardinex/core/sheet/alongBank';
import { isValve, type ItemKind } from '@cardinex/core/sheet/settingItems';
import type { Bank } from '@cardinex/core/sheet/spec/layout';
import { VALVE_FRAME, valveMark, type ValveStanding } from '@cardinex/drawings/valves/valveMark';
import { atStart } from '@cardinex/words/kit';
import { itemShort } from '@cardinex/words/itemNames';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { Glyph } from '../../ui/drawing/Glyph';
import { cn } from '../../ui/cn';
import { Small } from '../../ui/Words';
import { EndMark } from '../job/EndMark';

interface Props {
  readonly view: OverheadView;
  /** Which end is which, and its banks: each has a row of its own, as the heads lie. */
  readonly sheet: Pick<EngineSheet, 'cylinder1End' | 'layout'>;
  /** The valves that may be set where the crank stands; empty while it is being barred. */
  readonly settable: ReadonlySet<string>;
  readonly current: string | null;
  readonly onPress?: ((valve: string) => void) | undefined;
  /** Somebody asks for one that is to be left alone. */
  readonly onAsk?: ((valve: string) => void) | undefined;
}

/** Most in one row before they grow too small to be told apart at arm's length. */
const MOST_IN_ROW = 8;

/** All that is set along the head from the cylinder-1 end: done, to set here, or to leave alone. */
export function ValveRow({ view, sheet, settable, current, onPress, onAsk }: Props) {
  return (
    <View role="group" aria-label={w.rowLabel} className="px-1">
      <View className="flex-row justify-between px-1">
        <EndMark end={sheet.cylinder1End} />
        <Small>{w.seenFrom('above')}</Small>
      </View>
      {inRows(shownOf(view), sheet.layout.banks).map(({ bank, items }) => (
        <View key={items[0]?.item.id}>
          {bank === undefined ? null : <Small className="px-1">{atStart(bank)}</Small>}
          <View className="flex-row">
            {items.map((item) => (
              <OneItem
                key={item.item.id}
                view={item}
                may={settable.has(item.item.id)}
                current={item.item.id === current}
                onPress={settable.has(item.item.id) ? onPress : onAsk}
              />
            ))}
          </View>
        </View>
      ))}
    </View>
  );
}

/** What is gone round for now; all of it once nothing is left. */
function shownOf({ items, planned, next }: OverheadView): readonly ItemView[] {
  if (next === null) return items;
  const kinds = new Set(planned.map(({ kind }) => rowOf(kind)));
  return items.filter(({ item }) => kinds.has(rowOf(item.kind)));
}

interface Row {
  /** The bank it lies on, where there are several, said over its first row. */
  readonly bank?: string;
  readonly items: readonly ItemView[];
}

/**
 * Bank by bank the valves, in as few rows as hold them, all but the last alike; then injectors, brakes and
 * actuators.
 */
function inRows(items: readonly ItemView[], banks: readonly Bank[]): readonly Row[] {
  const kinds = [...new Set(items.map(({ item }) => rowOf(item.kind)))];
  return banks.flatMap((bank) => {
    const onBank = alongBank(items, bank);
    const rows = kinds.flatMap((kind) => {
      const own = onBank.filter(({ item }) => rowOf(item.kind) === kind);
      const count = Math.ceil(own.length / MOST_IN_ROW);
      const each = Math.ceil(own.length / count);
      return Array.from({ length: count }, (_, row) => ({
        items: own.slice(row * each, (row + 1) * each),
      }));
    });
    return rows.map((row, place) =>
      place === 0 && banks.length > 1 ? { bank: bank.name, ...row } : row,
    );
  });
}

function rowOf(kind: ItemKind): string {
  return isValve({ kind }) ? 'valve' : kind;
}

interface OneProps {
  readonly view: ItemView;
  readonly may: boolean;
  readonly current: boolean;
  readonly onPress: Props['onPress'];
}

function OneItem({ view: { item, done }, may, current, onPress }: OneProps) {
  const is: ValveStanding = done ? 'done' : may ? 'settable' : 'leave-alone';
  return (
    <Pressable
      role={onPress ? 'button' : undefined}
      aria-label={[
        // As it is written under the mark, then in words.
        [itemShort(item), item.alongHead].filter(Boolean).join(' '),
        item.alongHead && w.alongHead(item.alongHead),
        w.standings[is],
      ]
        .filter(Boolean)
        .join(', ')}
      disabled={!onPress}
      onPress={() => onPress?.(item.id)}
      className="min-h-[56px] flex-1 items-center justify-center"
    >
      <Glyph shapes={valveMark(is, current)} frame={VALVE_FRAME} width="100%" height={36} />
      <Text className={cn('text-center font-head text-note', current ? 'text-blue' : 'text-ink')}>
        {itemShort(item)}
        {item.alongHead ? (
          <Text className="font-text text-[12.5px] text-soft">{`\n${item.alongHead}`}</Text>
        ) : null}
      </Text>
    </Pressable>
  );
}
