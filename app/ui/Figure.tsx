import { Pressable, Text, View } from 'react-native';
import { shared } from '@cardinex/words/screens';
import { cn } from './cn';

interface Props {
  readonly value: string;
  readonly unit?: string;
  /** `act` is the figure of the act, the biggest thing on its card. */
  readonly size?: 'act' | 'large' | 'small';
  readonly tone?: 'ink' | 'blue' | 'red' | 'green' | 'past';
  readonly testID?: string;
  /** Shows the figure in the reader's next unit. */
  readonly onUnit?: (() => void) | undefined;
}

const SIZES = {
  act: 'text-act',
  large: 'text-figure',
  small: 'text-large',
};
const UNITS = { act: 'text-big', large: 'text-heading', small: 'text-note' };
const TONES = {
  ink: 'text-ink',
  blue: 'text-blue',
  red: 'text-red',
  green: 'text-green',
  past: 'text-past',
};

/** A range, "0.40 to 0.45", on one line with its unit. */
const LONGEST_AT_FULL_SIZE = 9;

function sizeOf(size: keyof typeof SIZES, value: string): string {
  return size === 'large' && value.length > LONGEST_AT_FULL_SIZE ? 'text-count' : SIZES[size];
}

/** A number and its unit: the number big, the unit small but always there. */
export function Figure({ value, unit, size = 'large', tone = 'ink', testID, onUnit }: Props) {
  return (
    <View className="flex-row items-baseline" testID={testID}>
      <Text
        className={cn('font-head', sizeOf(size, value), TONES[tone])}
        style={{ fontVariant: ['tabular-nums'] }}
      >
        {value}
      </Text>
      {unit && onUnit ? (
        <Pressable
          role="button"
          aria-label={shared.changeUnit(unit)}
          onPress={onUnit}
          className="min-h-[56px] min-w-[56px] justify-end px-1 active:opacity-70"
        >
          <Text className={cn('font-label underline', UNITS[size], TONES[tone])}>{unit}</Text>
        </Pressable>
      ) : unit ? (
        <Text className={cn('ml-1 font-label', UNITS[size], TONES[tone])}>{unit}</Text>
      ) : null}
    </View>
  );
}
