import type { GapReading } from '@cardinex/core/job/facts/valves';
import { Pressable, Text, View } from 'react-native';
import type { ItemView } from '@cardinex/core/job/cards/valves/item';
import { gapVerdictWord } from '@cardinex/words/cards/valves';
import { readingName } from '@cardinex/words/overheadNames';
import { lengthFigure } from '@cardinex/words/quantity';
import { useUnits } from '../../../device/preferences';
import { Mark } from '../../../ui/Mark';
import { cn } from '../../../ui/cn';

interface Props {
  readonly view: ItemView;
  /** Which readings stand here, in order. */
  readonly kinds: readonly GapReading[];
  readonly reading: GapReading;
  readonly onChoose: (reading: GapReading) => void;
}

/** A valve's readings side by side, each with its verdict; tap one to read it (again). */
export function GapReadings({ view, kinds, reading, onChoose }: Props) {
  const units = useUnits();
  return (
    <View className="flex-row gap-2">
      {kinds.map((kind) => {
        const read = view.readings[kind];
        const verdict = view.verdict[kind];
        const isHere = kind === reading;
        const figure = read ? lengthFigure(read.mm, units.length) : '–';
        return (
          <Pressable
            key={kind}
            role="button"
            aria-pressed={isHere}
            disabled={kinds.includes('hot') && kind !== 'hot'}
            onPress={() => onChoose(kind)}
            className={cn(
              'min-h-[76px] flex-1 items-center justify-center rounded-lg border px-1',
              isHere ? 'border-[3px] border-blue' : 'border-soft',
            )}
          >
            <Text className="font-text text-fine text-soft">{readingName(kind)}</Text>
            <Text className="font-head text-title text-ink">{figure}</Text>
            {verdict ? (
              <Mark
                kind={verdict === 'within' ? 'within' : 'out'}
                word={gapVerdictWord(verdict)}
                size={13}
              />
            ) : null}
          </Pressable>
        );
      })}
    </View>
  );
}
