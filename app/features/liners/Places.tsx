import { View } from 'react-native';
import { lengthFigure } from '@cardinex/words/quantity';
import { linersWords as w } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { useJob } from '../job/JobProvider';
import { ReadingTile } from '../reading/ReadingTile';
import type { Place } from './nextPlace';

interface Props {
  readonly names: readonly string[];
  readonly bore: string;
  /** Of the reading in hand. */
  readonly place: number;
  readonly onChoose: (place: Place) => void;
}

/** The places of the liner in hand, each with its newest reading; tap one to read it (again). */
export function Places({ names, bore, place: current, onChoose }: Props) {
  const { state } = useJob();
  const units = useUnits();
  return (
    <View className="flex-row gap-2" role="group" aria-label={w.liner(bore)}>
      {names.map((name, place) => {
        const reading = state.liners.readings[bore]?.[place];
        const isHere = place === current;
        const figure = reading ? lengthFigure(reading.mm, units.length) : '–';
        return (
          <ReadingTile
            key={name}
            figure={figure}
            name={name}
            here={isHere}
            onPress={() => onChoose({ bore, place })}
            lines={2}
            className="min-h-[64px] px-0.5"
          />
        );
      })}
    </View>
  );
}
