import { View } from 'react-native';
import { type Check } from '@cardinex/core/job/checks/check';
import { readingOf } from '@cardinex/core/job/checks/state';
import { itemName, placeName } from '@cardinex/words/checkNames';
import { lengthFigure } from '@cardinex/words/quantity';
import { useUnits } from '../../device/preferences';
import { useJob } from '../job/JobProvider';
import { ReadingTile } from '../reading/ReadingTile';
import type { Slot } from './ReadingGrid';

interface Props {
  readonly check: Check;
  readonly at: Slot;
  /** Is none of them in hand, all being read? */
  readonly none?: boolean;
  readonly onChoose: (slot: Slot) => void;
}

/**
 * The readings beside the one in hand: the places of its item, or all items where each is read at one
 * place. Tap one to read it (again).
 */
export function PlacesOfItem({ check, at, none = false, onChoose }: Props) {
  const { sheet, state } = useJob();
  const units = useUnits();
  const single = check.places.length === 1;
  const slots = single
    ? fellowsOf(check, at.item).map((item) => ({ item, place: at.place }))
    : check.places.map((place) => ({ item: at.item, place }));
  return (
    <View
      role="group"
      aria-label={itemName(sheet, check, at.item)}
      className="flex-row flex-wrap gap-2"
    >
      {slots.map((slot) => {
        const reading = readingOf(state.checks, check.id, slot.item, slot.place);
        const isHere = !none && slot.item === at.item && slot.place === at.place;
        return (
          <ReadingTile
            key={`${slot.item}|${slot.place}`}
            figure={reading ? lengthFigure(reading.mm, units.length) : '–'}
            name={single ? itemName(sheet, check, slot.item) : placeName(sheet, check, slot.place)}
            here={isHere}
            onPress={() => onChoose(slot)}
            className="min-h-[60px] min-w-[5.5rem] px-1"
          />
        );
      })}
    </View>
  );
}

/** All items; of items within items, as rings of a cylinder, those of the same one. */
function fellowsOf({ items }: Check, at: string): readonly string[] {
  const within = at.includes('/') ? at.slice(0, at.indexOf('/') + 1) : '';
  return items.filter((item) => item.startsWith(within));
}
