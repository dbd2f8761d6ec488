import { Pressable, Text, View } from 'react-native';
import type { Check } from '@cardinex/core/job/cards/inspect/checksOf';
import { readingOf } from '@cardinex/core/job/checks';
import { itemName, placeName } from '@cardinex/words/en/cards/inspect';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { useUnits } from '../../device/preferences';
import { cn } from '../../ui/cn';
import { useJob } from '../job/JobProvider';
import type { Slot } from './ReadingGrid';

interface Props {
  readonly check: Check;
  readonly at: Slot;
  readonly onChoose: (slot: Slot) => void;
}

/**
 * The readings beside the one in hand: the places of its item, or all items where each is read at one
 * place. Tap one to read it (again).
 */
export function PlacesOfItem({ check, at, onChoose }: Props) {
  const { sheet, state } = useJob();
  const units = useUnits();
  const single = check.places.length === 1;
  const slots = single
    ? check.items.map((item) => ({ item, place: at.place }))
    : check.places.map((place) => ({ item: at.item, place }));
  return (
    <View
      role="group"
      aria-label={itemName(sheet, check, at.item)}
      className="flex-row flex-wrap gap-2"
    >
      {slots.map((slot) => {
        const reading = readingOf(state.checks, check.id, slot.item, slot.place);
        const here = slot.item === at.item && slot.place === at.place;
        return (
          <Pressable
            key={`${slot.item}|${slot.place}`}
            role="button"
            aria-pressed={here}
            onPress={() => onChoose(slot)}
            className={cn(
              'min-h-[60px] min-w-[29%] flex-1 items-center justify-center rounded-lg border px-1',
              here ? 'border-[3px] border-blue' : 'border-soft',
            )}
          >
            <Text className="font-head text-[20px] text-ink">
              {reading ? lengthFigure(reading.mm, units.length) : '–'}
            </Text>
            <Text className="text-center font-text text-[13px] leading-4 text-soft">
              {single ? itemName(sheet, check, slot.item) : placeName(check, slot.place)}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}
