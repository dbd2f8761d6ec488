import { View } from 'react-native';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { useUnits } from '../../device/preferences';
import { useJob } from '../job/JobProvider';
import { ReadingTile } from '../reading/ReadingTile';
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
          <ReadingTile
            key={name}
            figure={figure}
            name={name}
            here={here}
            onPress={() => onChoose({ bore: at.bore, place })}
            lines={2}
            className="min-h-[64px] px-0.5"
          />
        );
      })}
    </View>
  );
}
