import { Pressable, Text, View } from 'react-native';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { useUnits } from '../../device/preferences';
import { cn } from '../../ui/cn';
import { useJob } from '../job/JobProvider';
import type { Place } from './nextPlace';

interface Props {
  readonly names: readonly string[];
  readonly at: Place;
  readonly onChoose: (place: Place) => void;
}

/** The places of the liner in hand, each with its newest reading; tap one to read it (again). */
export function Places({ names, at, onChoose }: Props) {
  const { state } = useJob();
  const units = useUnits();
  return (
    <View className="flex-row gap-2" role="group" aria-label={`Liner ${at.bore}`}>
      {names.map((name, place) => {
        const reading = state.liners.readings[at.bore]?.[place];
        const here = place === at.place;
        const figure = reading ? lengthFigure(reading.mm, units.length) : '–';
        return (
          <Pressable
            key={name}
            role="button"
            aria-pressed={here}
            onPress={() => onChoose({ bore: at.bore, place })}
            className={cn(
              'min-h-[64px] flex-1 items-center justify-center rounded-lg border px-0.5',
              here ? 'border-[3px] border-blue' : 'border-soft',
            )}
          >
            <Text className="font-head text-[20px] text-ink">{figure}</Text>
            <Text
              numberOfLines={2}
              className="text-center font-text text-[13px] leading-4 text-soft"
            >
              {name}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}
