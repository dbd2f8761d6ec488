import { Pressable, Text } from 'react-native';
import { cn } from '../../ui/cn';

interface Props {
  /** What was read, or a dash. */
  readonly figure: string;
  readonly name: string;
  /** It is the one in hand. */
  readonly here: boolean;
  readonly onPress: () => void;
  /** Most lines of its name; as many as it needs unless given. */
  readonly lines?: number;
  readonly className: string;
}

/** A place for a reading, with what was read there last; tap it to read it (again). */
export function ReadingTile({ figure, name, here, onPress, lines, className }: Props) {
  return (
    <Pressable
      role="button"
      aria-pressed={here}
      onPress={onPress}
      className={cn(
        'flex-1 items-center justify-center rounded-lg border',
        here ? 'border-[3px] border-blue' : 'border-soft',
        className,
      )}
    >
      <Text className="font-head text-heading text-ink">{figure}</Text>
      <Text numberOfLines={lines} className="text-center font-text text-fine text-soft">
        {name}
      </Text>
    </Pressable>
  );
}
