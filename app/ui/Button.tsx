import type { ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';
import { cn } from './cn';
import { takePress } from './hand/confirmGuard';

interface ButtonProps {
  readonly label: string;
  /** What follows from pressing it, below the label. */
  readonly hint?: string | undefined;
  readonly onPress: () => void;
  /** `expected`: the answer most often right. `stop`: cannot be taken back. `past`: leads back to what is in hand. */
  readonly kind?: 'expected' | 'bench' | 'card' | 'stop' | 'past';
  readonly disabled?: boolean;
  /** At the foot of a screen: all of one height, wherever a thumb looks for them. */
  readonly tall?: boolean;
  /** A key of a pad rather than a word: the label as big as it goes, pressed as fast as fingers are. */
  readonly large?: boolean;
  /** Its accessible name, where the label is only a picture. */
  readonly name?: string;
  readonly selected?: boolean;
  /** It folds something away, or unfolds it. */
  readonly expanded?: boolean;
  readonly icon?: ReactNode;
  readonly className?: string | undefined;
  readonly testID?: string;
}

const FRAMES = {
  expected: 'bg-blue border-on-bench',
  bench: 'bg-bench-button border-bench-edge',
  card: 'bg-card border-soft',
  stop: 'bg-card border-red',
  past: 'bg-past border-on-bench',
};
const LABELS = {
  expected: 'text-on-blue',
  bench: 'text-on-bench',
  card: 'text-ink',
  stop: 'text-red',
  past: 'text-on-past',
};

/** What stands beside undo and "not so" on one line; longer, it takes two smaller ones with its hint below. */
const LONGEST_AT_FULL_SIZE = 12;

/**
 * A target for a glove: 56 px at least, 84 on the act bar. Unless it only chooses or is a key of a pad,
 * two presses of a bouncing thumb are one.
 */
export function Button({
  label,
  hint,
  onPress,
  kind = 'card',
  disabled = false,
  tall = false,
  large = false,
  name,
  selected,
  expanded,
  icon,
  className,
  testID,
}: ButtonProps) {
  const chosen = selected === true;
  const leads = (kind === 'expected' || kind === 'past') && tall;
  const guarded = !large && selected === undefined;
  const press = (): void => {
    if (!guarded || takePress()) onPress();
  };
  return (
    <Pressable
      role="button"
      onPress={press}
      disabled={disabled}
      aria-disabled={disabled}
      aria-pressed={selected}
      aria-expanded={expanded}
      aria-label={name}
      testID={testID}
      className={cn(
        'items-center justify-center rounded-lg border px-3',
        tall ? 'min-h-[84px] min-w-[4.5rem] py-1' : 'min-h-[56px] py-2',
        chosen ? 'border-2 border-blue bg-blue' : FRAMES[kind],
        disabled ? 'opacity-60' : 'active:opacity-80',
        className,
      )}
    >
      <View className="max-w-full flex-row items-center justify-center gap-2">
        {icon}
        {label === '' ? null : (
          <Text
            className={cn(
              'min-w-0 shrink text-center font-head',
              large || (leads && label.length <= LONGEST_AT_FULL_SIZE) ? 'text-big' : 'text-label',
              chosen ? 'text-on-blue' : LABELS[kind],
            )}
          >
            {label}
          </Text>
        )}
      </View>
      {hint ? (
        <Text
          numberOfLines={tall ? 1 : undefined}
          className={cn(
            'max-w-full text-center font-label text-small',
            chosen ? 'text-on-blue' : LABELS[kind],
          )}
        >
          {hint}
        </Text>
      ) : null}
    </Pressable>
  );
}
