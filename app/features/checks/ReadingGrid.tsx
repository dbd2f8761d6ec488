import { Pressable, ScrollView, Text, View } from 'react-native';
import { isFar, type CheckView } from '@cardinex/core/job/checks/view';
import { readingOf } from '@cardinex/core/job/checks/state';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { checkName, itemName, placeName } from '@cardinex/words/checkNames';
import { lengthFigure } from '@cardinex/words/quantity';
import { useUnits } from '../../device/preferences';
import { Mark } from '../../ui/Mark';
import { cn } from '../../ui/cn';
import { Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';

/** One place for a reading. */
export interface Slot {
  readonly item: string;
  readonly place: string;
}

interface Props {
  readonly view: CheckView;
  readonly at: Slot | null;
  readonly onChoose: (slot: Slot) => void;
}

/** The whole table: items down, places across, the odd one standing out. Tap a cell to read it. */
export function ReadingGrid({ view, at, onChoose }: Props) {
  const { sheet, state } = useJob();
  const units = useUnits();
  const { check, judged } = view;
  const outs = new Set(judged.filter(({ verdict }) => verdict === 'out').map(({ item }) => item));
  return (
    <ScrollView
      horizontal
      tabIndex={0}
      role="region"
      aria-label={checkName(sheet, check)}
      contentContainerClassName="min-w-full"
    >
      <View role="table" aria-label={checkName(sheet, check)} className="min-w-full px-3.5 py-2">
        <View role="row" className="flex-row border-b-2 border-ink">
          <View role="columnheader" className="min-h-[44px] w-[112px] justify-center">
            <Small>{w.gridItem}</Small>
          </View>
          {check.places.map((place) => (
            <View
              key={place}
              role="columnheader"
              className="min-w-[92px] flex-1 justify-center px-1"
            >
              <Small numberOfLines={2}>
                {place === '' ? w.reading : placeName(sheet, check, place)}
              </Small>
            </View>
          ))}
        </View>
        {check.items.map((item) => (
          <View key={item} role="row" className="flex-row border-b border-rule">
            <View role="rowheader" className="min-h-[56px] w-[112px] flex-row items-center gap-1">
              {outs.has(item) ? <Mark kind="out" size={14} /> : null}
              <Text className="shrink font-strong text-note text-ink">
                {itemName(sheet, check, item)}
              </Text>
            </View>
            {check.places.map((place) => {
              const mm = readingOf(state.checks, check.id, item, place)?.mm;
              const isHere = at?.item === item && at.place === place;
              const outlier = mm !== undefined && isFar(state.checks, check, { item, place }, mm);
              const figure = mm === undefined ? '–' : lengthFigure(mm, units.length);
              return (
                <View key={place} role="cell" className="min-w-[92px] flex-1 p-0.5">
                  <Pressable
                    role="button"
                    aria-pressed={isHere}
                    aria-label={`${itemName(sheet, check, item)}${place === '' ? '' : `, ${placeName(sheet, check, place)}`}: ${figure}${outlier ? `, ${w.odd}` : ''}`}
                    onPress={() => onChoose({ item, place })}
                    className={cn(
                      'min-h-[56px] flex-row items-center justify-center gap-1 rounded-md border',
                      isHere
                        ? 'border-[3px] border-blue'
                        : outlier
                          ? 'border-2 border-red'
                          : 'border-rule',
                    )}
                  >
                    {outlier ? <Mark kind="out" size={12} /> : null}
                    <Text className="font-head text-body text-ink">{figure}</Text>
                  </Pressable>
                </View>
              );
            })}
          </View>
        ))}
      </View>
    </ScrollView>
  );
}
